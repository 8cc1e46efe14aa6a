import {
  DataTypes,
  Model,
  type InferAttributes,
  type InferCreationAttributes,
  type Sequelize,
} from 'sequelize';

/** Somebody at work in a browser. The row holds a hash only, so that whoever reads the table can not take it over. */
export class SessionRow extends Model<InferAttributes<SessionRow>, InferCreationAttributes<SessionRow>> {
  declare tokenHash: string;
  declare personId: number;
  declare openedAt: Date;
  declare seenAt: Date;
  declare endedAt: Date | null;
  /** Which browser on which system, as it says itself. */
  declare usedOn: string;

  static define(sequelize: Sequelize): void {
    SessionRow.init(
      {
        tokenHash: { type: DataTypes.CHAR(64), primaryKey: true },
        personId: { type: DataTypes.INTEGER, allowNull: false },
        openedAt: { type: DataTypes.DATE(3), allowNull: false },
        seenAt: { type: DataTypes.DATE(3), allowNull: false },
        endedAt: { type: DataTypes.DATE(3), allowNull: true },
        usedOn: { type: DataTypes.STRING(120), allowNull: false },
      },
      { sequelize, tableName: 'sessions', timestamps: false, underscored: true },
    );
  }
}
