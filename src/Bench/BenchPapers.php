<?php

declare(strict_types=1);

namespace IronLatch\Bench;

use Doctrine\ORM\EntityManagerInterface;
use IronLatch\Core\Program\ProgramPlan;
use IronLatch\Core\Review\RuleBook;
use IronLatch\Core\Review\TrialNote;
use IronLatch\Entity\BenchRunRecord;
use IronLatch\Entity\RevisionRecord;
use IronLatch\Entity\ShelfCard;
use IronLatch\Entity\TrialRecord;
use Psr\Clock\ClockInterface;

/** What trials have said, and the runs of the bench: beside the revisions, never in a board. */
final readonly class BenchPapers
{
    /** Older runs of a board make room. */
    private const MOST_RUNS = 100;
    /** Edits that are looked through for a revision that passed. */
    private const MOST_BACK = 40;

    public function __construct(private EntityManagerInterface $entities, private ClockInterface $clock) {}

    /** A verdict belongs to a document: a revision that says the same again has it too. */
    public static function documentOf(RevisionRecord $revision): string
    {
        return hash('sha256', $revision->content());
    }

    /** What a trial has said of a revision, by the present rule book and program; null where there was none. */
    public function verdict(RevisionRecord $revision): ?TrialMarks
    {
        $record = $this->record($revision);

        return null === $record ? null : TrialMarks::read($record->verdict());
    }

    public function note(RevisionRecord $revision): ?TrialNote
    {
        return $this->verdict($revision)?->note();
    }

    /**
     * The revisions since one that has passed its trial, by the present rule book and program: the newest first.
     *
     * @return ?list<RevisionRecord> the one that passed is the last; null where none did
     */
    public function sincePass(RevisionRecord $revision): ?array
    {
        $since = [];
        for ($one = $revision; null !== $one && count($since) < self::MOST_BACK; $one = $one->base()) {
            $since[] = $one;
            $note = $this->note($one);
            if (null !== $note && 0 === $note->failed) {
                return $since;
            }
        }

        return null;
    }

    public function keep(RevisionRecord $revision, TrialMarks $marks): void
    {
        $this->entities->wrapInTransaction(function () use ($revision, $marks): void {
            $record = $this->record($revision);
            if (null === $record) {
                $this->entities->persist(new TrialRecord(
                    self::documentOf($revision),
                    RuleBook::VERSION,
                    ProgramPlan::VERSION,
                    $marks->write(),
                    $this->clock->now(),
                ));
            } else {
                $record->writeAnew($marks->write(), $this->clock->now());
            }
            $card = $this->entities->find(ShelfCard::class, $revision->id());
            if (null !== $card) {
                // It shows the latch as it was.
                $this->entities->remove($card);
            }
        });
    }

    private function record(RevisionRecord $revision): ?TrialRecord
    {
        return $this->entities->find(TrialRecord::class, [
            'document' => self::documentOf($revision),
            'ruleBook' => RuleBook::VERSION,
            'program' => ProgramPlan::VERSION,
        ]);
    }

    public function keepRun(RevisionRecord $revision, string $name, string $script): BenchRunRecord
    {
        return $this->entities->wrapInTransaction(function () use ($revision, $name, $script): BenchRunRecord {
            $run = new BenchRunRecord($revision->board(), $revision, $name, $script, $this->clock->now());
            $this->entities->persist($run);
            foreach (array_slice($this->runs($revision), self::MOST_RUNS - 1) as $old) {
                $this->entities->remove($old);
            }

            return $run;
        });
    }

    /**
     * @return list<BenchRunRecord> of the board, the newest first
     */
    public function runs(RevisionRecord $revision): array
    {
        return $this->entities->getRepository(BenchRunRecord::class)->findBy(['board' => $revision->board()], ['id' => 'DESC']);
    }

    public function run(RevisionRecord $revision, string $id): ?BenchRunRecord
    {
        return $this->entities->getRepository(BenchRunRecord::class)->findOneBy(['board' => $revision->board(), 'id' => $id]);
    }

    public function removeRun(BenchRunRecord $run): void
    {
        $this->entities->wrapInTransaction(fn() => $this->entities->remove($run));
    }
}
