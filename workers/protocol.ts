/** What a worker is asked, and what it answers: how far it is, then the result. A stopped task is ended with its worker. */
export interface Asked<Request> {
  id: number;
  request: Request;
}

export type Answer<Result> =
  | { id: number; tag: 'progress'; share: number }
  | { id: number; tag: 'done'; result: Result };
