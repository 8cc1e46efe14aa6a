import {
  DataTypes,
  Model,
  type CreationOptional,
  type InferAttributes,
  type InferCreationAttributes,
  type Sequelize,
} from 'sequelize';

/** One line of an attempt's record. The database refuses to change or delete it. */
export class EntryRow extends Model<InferAttributes<EntryRow>, InferCreationAttributes<EntryRow>> {
  /** Order of the record. */
  declare seq: CreationOptional<number>;
  declare clientId: string;
  declare attemptId: number;
  declare authorId: number;
  declare content: string;
  declare deviceTime: Date;
  declare serverTime: Date;

  static define(sequelize: Sequelize): void {
    EntryRow.init(
      {
        seq: { type: DataTypes.BIGINT, primaryKey: true, autoIncrement: true },
        clientId: { type: DataTypes.CHAR(36), allowNull: false },
        attemptId: { type: DataTypes.INTEGER, allowNull: false },
        authorId: { type: DataTypes.INTEGER, allowNull: false },
        content: { type: DataTypes.TEXT('long'), allowNull: false },
        deviceTime: { type: DataTypes.DATE(3), allowNull: false },
        serverTime: { type: DataTypes.DATE(3), allowNull: false },
      },
      { sequelize, tableName: 'entries', timestamps: false, underscored: true },
    );
  }
}
