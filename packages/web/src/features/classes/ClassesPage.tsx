/** Classes: who is in them. */
import { PageHead } from '../../ui/PageHead.tsx';
import { useClasses } from '../../ui/records.ts';
import { Empty, Failed, Loading } from '../../ui/States.tsx';

export function ClassesPage() {
  const classes = useClasses();
  return (
    <>
      <PageHead title="Classes" />
      {classes.isPending && <Loading what="your classes" />}
      {classes.isError && <Failed what="classes" error={classes.error} again={() => void classes.refetch()} />}
      {classes.data?.length === 0 && (
        <Empty title="No classes yet">
          <p>Start with the demo to see one: it has a class with answers to look at.</p>
        </Empty>
      )}
      {classes.data && classes.data.length > 0 && (
        <table className="ledger sheet" style={{ maxWidth: 760 }}>
          <thead>
            <tr>
              <th className="words">Class</th>
              <th className="words">Course</th>
              <th className="words">College</th>
              <th>Students</th>
            </tr>
          </thead>
          <tbody>
            {classes.data.map((each) => (
              <tr key={each.id}>
                <td className="words">{each.code}</td>
                <td className="words">{each.title}</td>
                <td className="words">{each.college}</td>
                <td>{each.students}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </>
  );
}
