import {
  DataTypes,
  Model,
  type CreationOptional,
  type InferAttributes,
  type InferCreationAttributes,
  type Sequelize,
} from 'sequelize';

/** An exercise with its draft: the planning form as typed, right or wrong, as JSON. */
export class Exercise extends Model<InferAttributes<Exercise>, InferCreationAttributes<Exercise>> {
  declare id: CreationOptional<number>;
  declare classId: number;
  declare draft: string;
  /** Counts the savings of the draft, so that two windows do not overwrite each other unseen. */
  declare draftVersion: CreationOptional<number>;
  /** Id of the last save, by which its repetition is known after a lost answer. */
  declare draftSaveId: CreationOptional<string | null>;
  declare createdAt: Date;
  declare updatedAt: Date;

  static define(sequelize: Sequelize): void {
    Exercise.init(
      {
        id: { type: DataTypes.INTEGER, primaryKey: true, autoIncrement: true },
        classId: { type: DataTypes.INTEGER, allowNull: false },
        draft: { type: DataTypes.TEXT('long'), allowNull: false },
        draftVersion: { type: DataTypes.INTEGER, allowNull: false, defaultValue: 0 },
        draftSaveId: { type: DataTypes.CHAR(36), allowNull: true, defaultValue: null },
        createdAt: { type: DataTypes.DATE(3), allowNull: false },
        updatedAt: { type: DataTypes.DATE(3), allowNull: false },
      },
      { sequelize, tableName: 'exercises', timestamps: false, underscored: true },
    );
  }
}
