'use client';

import { useState } from 'react';
import type { Member } from '@/core/people/roster';
import { Button } from '@/ui/kit/button';
import { Field } from '@/ui/kit/field';
import { ShopTime } from '@/ui/shell/shop-time';

export interface MemberChange {
  name?: string;
  archived?: boolean;
}

const ROLE_WORDS: Record<Member['role'], string> = {
  instructor: 'instructor',
  helper: 'helper',
  student: 'student',
};

/** The people of a class: what they are, how they sign in, and what can be done about it. */
export function MemberTable({
  members,
  viewerId,
  onSlip,
  onEndBenches,
  onChange,
}: {
  members: readonly Member[];
  viewerId: number;
  /** Left out where nobody gets a slip. */
  onSlip?: (member: Member) => void;
  /** Left out where nobody has a bench any more. */
  onEndBenches?: (member: Member) => void;
  onChange: (personId: number, change: MemberChange, words: string) => Promise<boolean>;
}) {
  const [renamed, setRenamed] = useState<{ id: number; name: string } | null>(null);
  return (
    <table className="w-full border-collapse">
      <thead className="text-left text-sm text-ink-soft">
        <tr>
          <th className="py-1 pr-4 font-medium">Name</th>
          <th className="py-1 pr-4 font-medium">Here as</th>
          <th className="py-1 pr-4 font-medium">Signs in</th>
          <th className="py-1 font-medium">
            <span className="sr-only">What can be done</span>
          </th>
        </tr>
      </thead>
      <tbody>
        {members.map((member) => (
          <tr key={member.id} className="border-t border-rule">
            <td className="py-1 pr-4">
              {renamed?.id === member.id ? (
                <form
                  className="flex items-center gap-2"
                  onSubmit={(event) => {
                    event.preventDefault();
                    void onChange(member.id, { name: renamed.name }, 'The name is mended.').then(
                      (done) => done && setRenamed(null),
                    );
                  }}
                >
                  <Field
                    label={`Name of ${member.name}`}
                    labelHidden
                    autoFocus
                    value={renamed.name}
                    onChange={(event) => setRenamed({ id: member.id, name: event.target.value })}
                  />
                  <Button type="submit">Keep</Button>
                  <Button tone="quiet" onClick={() => setRenamed(null)}>
                    As it was
                  </Button>
                </form>
              ) : (
                <span className="font-medium">{member.name}</span>
              )}
            </td>
            <td className="py-1 pr-4">{ROLE_WORDS[member.role]}</td>
            <td className="py-1 pr-4 text-sm">
              <SignsIn member={member} />
              {member.tries !== null && (
                <span className="block text-brass">
                  {member.tries.count} wrong tries by strangers since <ShopTime at={member.tries.since} />
                </span>
              )}
            </td>
            <td className="py-1">
              <div className="flex justify-end gap-1.5 whitespace-nowrap">
                {onSlip !== undefined && member.secret !== 'password' && (
                  <Button aria-label={`Slip for ${member.name}`} onClick={() => onSlip(member)}>
                    {member.secret === null ? 'Slip' : 'New PIN'}
                  </Button>
                )}
                {onEndBenches !== undefined && member.benches.length > 0 && (
                  <Button
                    tone="quiet"
                    aria-label={`End the benches of ${member.name}`}
                    onClick={() => onEndBenches(member)}
                  >
                    {member.benches.length === 1 ? 'End bench' : 'End benches'}
                  </Button>
                )}
                {member.role === 'student' && renamed?.id !== member.id && (
                  <Button
                    tone="quiet"
                    aria-label={`Rename ${member.name}`}
                    onClick={() => setRenamed({ id: member.id, name: member.name })}
                  >
                    Rename
                  </Button>
                )}
                {member.id !== viewerId && (
                  <Button
                    tone="quiet"
                    aria-label={`${member.archived ? 'Take back' : 'Archive'} ${member.name}`}
                    onClick={() =>
                      void onChange(
                        member.id,
                        { archived: !member.archived },
                        member.archived
                          ? `${member.name} is back.`
                          : `${member.name} is archived. Records and marks stay.`,
                      )
                    }
                  >
                    {member.archived ? 'Take back' : 'Archive'}
                  </Button>
                )}
              </div>
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function SignsIn({ member: { secret, slipUntil, role, benches } }: { member: Member }) {
  if (secret !== null)
    return (
      <span>
        {secret === 'pin' ? 'with a PIN' : 'with a password'}
        {benches.length > 0 && `, ${benches.length === 1 ? 'at a bench' : `at ${benches.length} benches`}`}
      </span>
    );
  if (slipUntil !== null)
    return (
      <span>
        slip given, good until <ShopTime at={slipUntil} />
      </span>
    );
  return <span className="text-brass">not yet: give a slip{role === 'student' ? '' : ' with a code'}</span>;
}
