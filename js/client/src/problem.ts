import type { BadRow, Fault, Problem as Sent } from './wire.js'

/** An answer that is no success (RFC 9457), or none at all: then its status is 0. */
export class Problem extends Error {
  /** The problem's kind, such as "stale": the last part of its type; "" if the service has not said one. */
  readonly kind: string
  /** What is wrong with a query. */
  readonly faults: Fault[]
  /** The rows of a file that could not be read. */
  readonly rows: BadRow[]

  constructor(
    readonly status: number,
    detail: string,
    /** The answer's body, if it is one of the service. */
    readonly sent: Partial<Sent> = {},
    options?: ErrorOptions,
  ) {
    super(sent.detail ?? detail, options)
    this.name = 'Problem'
    this.kind = sent.type?.replace(/^.*\//, '') ?? ''
    this.faults = sent.faults ?? []
    this.rows = sent.rows ?? []
  }

  /** Whether the service or its database is away, so that a moment later there may be another answer. */
  get passing(): boolean {
    return this.status === 0 || this.kind === 'still-writing' || (this.kind ? this.status === 503 : [502, 503, 504].includes(this.status))
  }
}
