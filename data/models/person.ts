import {
  DataTypes,
  Model,
  type CreationOptional,
  type InferAttributes,
  type InferCreationAttributes,
  type Sequelize,
} from 'sequelize';
import type { Role } from '@/core/exercise/record/entry/entry';

export class Person extends Model<InferAttributes<Person>, InferCreationAttributes<Person>> {
  declare id: CreationOptional<number>;
  declare name: string;
  declare role: Role;

  static define(sequelize: Sequelize): void {
    Person.init(
      {
        id: { type: DataTypes.INTEGER, primaryKey: true, autoIncrement: true },
        name: { type: DataTypes.STRING(120), allowNull: false },
        role: { type: DataTypes.STRING(20), allowNull: false },
      },
      { sequelize, tableName: 'people', timestamps: false },
    );
  }
}
