/** A row of `record` is taken back by a later one that names it: as a condition of a query over them. */
export const GONE =
  "exists (select 1 from `record` as `w` where json_extract(`w`.`body`, '$.kind') = 'withdrawn' and json_extract(`w`.`body`, '$.record') = `record`.`id`)";
