import {
  DataTypes,
  Model,
  type InferAttributes,
  type InferCreationAttributes,
  type Sequelize,
} from 'sequelize';
import type { Role } from '@/core/exercise/record/entry/entry';

/** Who belongs to a class, and as what: several instructors a class, several classes a person. */
export class Membership extends Model<InferAttributes<Membership>, InferCreationAttributes<Membership>> {
  declare classId: number;
  declare personId: number;
  declare role: Role;

  static define(sequelize: Sequelize): void {
    Membership.init(
      {
        classId: { type: DataTypes.INTEGER, primaryKey: true },
        personId: { type: DataTypes.INTEGER, primaryKey: true },
        role: { type: DataTypes.STRING(20), allowNull: false },
      },
      { sequelize, tableName: 'memberships', timestamps: false, underscored: true },
    );
  }
}
