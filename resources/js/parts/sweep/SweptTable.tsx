import type { SweepRunPageProps, SweptRow } from '@props/Sweeps/SweepRunPage';
import { useMemo } from 'react';
import { say } from '@/lib/words';
import { Table } from '@/ui/Table';
import type { TableColumn } from '@/ui/useTableOf';

function Besides({ row }: { row: SweptRow }) {
    const lines = [
        ...row.besides,
        ...(row.made > 0 ? [say('screen.sweeps.makes', { count: row.made })] : []),
        ...(row.others > 0 ? [say('screen.sweeps.others', { count: row.others })] : []),
    ];
    return (
        <>
            {lines.map((line) => (
                <p key={line}>{line}</p>
            ))}
            {row.answered.length > 0 && (
                <p className="text-plum">{say('screen.sweeps.answers', { rules: row.answered.join(', ') })}</p>
            )}
            {row.otherwise && <p className="text-ochre">{say('screen.sweeps.not_foreseen')}</p>}
        </>
    );
}

/** The tasks of a sweep: from whom, to whom, what else; before it is carried out they are ticked. */
export function SweptTable({
    rows,
    shown,
    run,
    hasBecome,
    onPick,
}: Pick<SweepRunPageProps, 'rows' | 'shown' | 'run'> & {
    /** it has been carried out, at least in part */
    hasBecome: boolean;
    /** null: they can't be taken out any more */
    onPick: ((places: string[]) => void) | null;
}) {
    const columns = useMemo<TableColumn<SweptRow>[]>(
        () => [
            {
                id: 'task',
                label: say('screen.sweeps.task'),
                className: 'max-w-96',
                cell: (row) => (
                    <a className="text-sky underline" href={`/tasks/${row.id}`}>
                        {say('screen.sweeps.one', { number: String(row.number), title: row.title })}
                    </a>
                ),
            },
            ...(shown === 'changes'
                ? [
                      {
                          id: 'from',
                          label: say('screen.sweeps.from'),
                          cell: (row: SweptRow) => row.from?.name ?? say('screen.sweeps.nobody'),
                      },
                      {
                          id: 'to',
                          label: say('screen.sweeps.to'),
                          cell: (row: SweptRow) =>
                              row.moves ? (
                                  <b className="font-medium">{row.to?.name ?? say('screen.sweeps.nobody')}</b>
                              ) : (
                                  <span className="text-ink2">{say('screen.sweeps.stays')}</span>
                              ),
                      },
                      {
                          id: 'besides',
                          label: say('screen.sweeps.besides'),
                          cell: (row: SweptRow) => <Besides row={row} />,
                      },
                  ]
                : []),
            ...(shown === 'changes' && hasBecome
                ? [
                      {
                          id: 'state',
                          label: say('screen.sweeps.became'),
                          cell: (row: SweptRow) => say(`sweep.task_states.${row.state}`),
                      },
                  ]
                : []),
            ...(run.ofRule === null
                ? []
                : [
                      {
                          id: 'why',
                          label: say('screen.sweeps.why'),
                          silent: true,
                          cell: (row: SweptRow) => (
                              <a
                                  className="text-sky underline"
                                  href={`/rulebook/why?task=${row.id}&rule=${run.ofRule ?? ''}`}
                              >
                                  {say('screen.sweeps.why')}
                              </a>
                          ),
                      },
                  ]),
        ],
        [shown, hasBecome, run.ofRule],
    );
    return (
        <Table
            label={say('screen.sweeps.task')}
            rows={rows}
            columns={columns}
            idOf={(row) => String(row.place)}
            nothing={say('screen.sweeps.nothing')}
            picking={
                onPick === null
                    ? undefined
                    : {
                          picked: rows.filter((row) => row.state === 'foreseen').map((row) => String(row.place)),
                          onPick,
                          all: say('screen.sweeps.all'),
                          one: (row) => say('screen.sweeps.one', { number: String(row.number), title: row.title }),
                      }
            }
        />
    );
}
