/** Page, order, search and archive of a list, as every list of the API takes them. */
export interface ListQuery {
  page?: number;
  per_page?: number;
  sort?: string;
  search?: string;
  archived?: 0 | 1;
  /** A record that stands first, whatever is searched for. */
  with?: number;
}
