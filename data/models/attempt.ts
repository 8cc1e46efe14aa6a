import {
  DataTypes,
  Model,
  type CreationOptional,
  type InferAttributes,
  type InferCreationAttributes,
  type Sequelize,
} from 'sequelize';

/** One student's try at a revision. */
export class Attempt extends Model<InferAttributes<Attempt>, InferCreationAttributes<Attempt>> {
  declare id: CreationOptional<number>;
  declare revisionId: number;
  declare studentId: number;
  /** 1 for the first try of this student at the exercise. */
  declare tryNumber: number;
  declare createdAt: Date;

  static define(sequelize: Sequelize): void {
    Attempt.init(
      {
        id: { type: DataTypes.INTEGER, primaryKey: true, autoIncrement: true },
        revisionId: { type: DataTypes.INTEGER, allowNull: false },
        studentId: { type: DataTypes.INTEGER, allowNull: false },
        tryNumber: { type: DataTypes.INTEGER, allowNull: false },
        createdAt: { type: DataTypes.DATE(3), allowNull: false },
      },
      { sequelize, tableName: 'attempts', timestamps: false, underscored: true },
    );
  }
}
