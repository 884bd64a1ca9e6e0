import { commit } from '../commit';
import { askAnew, differing, hashOf, storedAnswers, threeOf } from './question';
import { QUESTIONS } from './questions';
import { SMALL_TABLES } from './small-tables';

describe('what something outside answered', () => {
  it.each(QUESTIONS.map((question) => [question.name, question] as const))(
    '%s: every input has its answer, of the solver that is installed, and no other',
    (_name, question) => {
      const { solver, version, answers } = storedAnswers(question);
      expect({ solver, version }).toEqual({ solver: question.solver, version: question.version });
      expect(Object.keys(answers).sort()).toEqual(question.inputs().map(hashOf).sort());
    },
  );

  it('comes out the same for three that are asked anew, others with each commit', async () => {
    const all = QUESTIONS.flatMap((question) => question.inputs().map((input) => ({ question, input })));
    for (const { question, input } of threeOf(all, commit())) {
      const compared = await askAnew(question, storedAnswers(question), [input]);
      console.info(`asked anew: ${question.name} ${compared[0]?.hash}, ${compared[0]?.anew}`);
      expect(differing(compared)).toEqual([]);
    }
  });

  it('an answer that was altered is found, and one that is not there', async () => {
    const [input] = SMALL_TABLES.inputs();
    const { answers } = storedAnswers(SMALL_TABLES);
    const planted = { ...answers, [hashOf(input)]: answers[hashOf(input)]! + 0.5 };
    expect(differing(await askAnew(SMALL_TABLES, { answers }, [input!]))).toEqual([]);
    expect(differing(await askAnew(SMALL_TABLES, { answers: planted }, [input!]))).toHaveLength(1);
    expect(differing(await askAnew(SMALL_TABLES, { answers: {} }, [input!]))).toHaveLength(1);
  });
});
