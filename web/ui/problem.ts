import { inject, provide, reactive, type InjectionKey } from 'vue'
import { Refusal, toldBy } from '@/api/client'

/** What the house said of a form: of each field by its path, and what belongs to none of them. */
export class FormProblem {
  readonly fields = reactive(new Map<string, string>())
  private readonly shown = new Set<string>()
  private readonly rest = reactive<{ words: string[] }>({ words: [] })

  /** A field that the form has: what is said of it stands beside it. */
  knows(path: string): void {
    this.shown.add(path)
  }

  forgets(path: string): void {
    this.shown.delete(path)
  }

  of(path: string): string {
    return this.fields.get(path) ?? ''
  }

  /** What stands beside no field. */
  get others(): string[] {
    return this.rest.words
  }

  /** Does it, and takes down what the house has against it; true where it had nothing. */
  async tried(doing: () => Promise<unknown>): Promise<boolean> {
    this.fields.clear()
    this.rest.words = []
    try {
      await doing()
      return true
    } catch (failure) {
      const errors = failure instanceof Refusal ? failure.problem.errors : []
      for (const { path, message, limit } of errors) {
        if (this.shown.has(path)) this.fields.set(path, `${message} Limit: ${limit}.`)
        else this.rest.words.push(`${message} Limit: ${limit}.`)
      }
      if (!errors.length) this.rest.words.push(toldBy(failure))
      return false
    }
  }
}

const KEY: InjectionKey<FormProblem> = Symbol('problem')
export const provideProblem = (problem: FormProblem) => provide(KEY, problem)
export const injectProblem = () => inject(KEY, null)
