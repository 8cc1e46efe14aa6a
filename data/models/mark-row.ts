import {
  DataTypes,
  Model,
  type InferAttributes,
  type InferCreationAttributes,
  type Sequelize,
} from 'sequelize';

/** The confirmed mark of an attempt, final: the database refuses to change it. */
export class MarkRow extends Model<InferAttributes<MarkRow>, InferCreationAttributes<MarkRow>> {
  declare attemptId: number;
  declare mark: string;
  declare total: string;
  declare markedById: number;
  declare markedAt: Date;

  static define(sequelize: Sequelize): void {
    MarkRow.init(
      {
        attemptId: { type: DataTypes.INTEGER, primaryKey: true },
        mark: { type: DataTypes.TEXT('long'), allowNull: false },
        total: { type: DataTypes.DECIMAL(5, 1), allowNull: false },
        markedById: { type: DataTypes.INTEGER, allowNull: false },
        markedAt: { type: DataTypes.DATE(3), allowNull: false },
      },
      { sequelize, tableName: 'marks', timestamps: false, underscored: true },
    );
  }
}
