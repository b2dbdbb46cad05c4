/** Lost structure that an inspector found, as a manager is told of it. */
export interface Alarm {
  /** The finding's id. */
  readonly id: string;
  readonly lotId: string;
  readonly number: number;
  readonly title: string;
  /** In whose hands the lot is. */
  readonly keeper: string;
  readonly zone: string;
  readonly where: string;
  readonly at: string;
}
