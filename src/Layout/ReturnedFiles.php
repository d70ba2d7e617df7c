<?php

declare(strict_types=1);

namespace IronLatch\Layout;

use Doctrine\ORM\EntityManagerInterface;
use IronLatch\Board\Inspections;
use IronLatch\Core\Layout\Decisions;
use IronLatch\Core\Layout\FileKind;
use IronLatch\Core\Layout\Returned;
use IronLatch\Core\Layout\TableText;
use IronLatch\Core\Layout\Unreadable;
use IronLatch\Entity\LayoutDecisionsRecord;
use IronLatch\Entity\ReturnedRecord;
use IronLatch\Storage\OpenBoard;
use Psr\Clock\ClockInterface;

/** Files that came back for a board, each with its verdict, and what the maker has settled: beside the revisions, never in a board. */
final readonly class ReturnedFiles
{
    /** Older files of a board make room. */
    private const MOST_FILES = 40;

    public function __construct(
        private EntityManagerInterface $entities,
        private Inspections $inspections,
        private ClockInterface $clock,
    ) {}

    /**
     * @return list<ReturnedRecord> the newest first
     */
    public function of(OpenBoard $opened): array
    {
        return $this->entities->getRepository(ReturnedRecord::class)->findBy(['board' => $opened->record], ['id' => 'DESC']);
    }

    public function one(OpenBoard $opened, string $id): ?ReturnedRecord
    {
        return $this->entities->getRepository(ReturnedRecord::class)->findOneBy(['board' => $opened->record, 'id' => $id]);
    }

    public function decisions(OpenBoard $opened): Decisions
    {
        $record = $this->entities->find(LayoutDecisionsRecord::class, $opened->record->id());

        return null === $record ? new Decisions() : Decisions::read($record->decisions());
    }

    /**
     * Reads a file and keeps it; what cannot be read is not kept.
     *
     * @throws Unreadable
     */
    public function take(OpenBoard $opened, string $name, string $bytes): ReturnedRecord
    {
        if (strlen($bytes) > TableText::MOST_BYTES) {
            throw Unreadable::tooLarge();
        }
        $read = $this->judged($opened, $bytes);
        $record = new ReturnedRecord(
            $opened->record,
            $opened->revision->number(),
            mb_substr(mb_scrub('' === trim($name) ? $read->kind->value : trim($name)), 0, 120),
            hash('sha256', $bytes),
            (string) gzdeflate($bytes, 9),
            $read->hash,
            self::said($read),
            $this->clock->now(),
        );
        $this->entities->wrapInTransaction(function () use ($opened, $record): void {
            foreach ($this->of($opened) as $place => $one) {
                if ($one->sha256() === $record->sha256() || $place >= self::MOST_FILES - 1) {
                    $this->entities->remove($one);
                }
            }
            $this->entities->persist($record);
        });

        return $record;
    }

    /** As it is read today, on the board as it stands. */
    public function read(OpenBoard $opened, ReturnedRecord $record): Returned
    {
        return $this->judged($opened, self::bytes($record), $record);
    }

    /** Settles doubts and columns, and judges the file anew. */
    public function settle(OpenBoard $opened, ReturnedRecord $record, Decisions $decisions): Returned
    {
        return $this->entities->wrapInTransaction(function () use ($opened, $record, $decisions): Returned {
            $kept = $this->entities->find(LayoutDecisionsRecord::class, $opened->record->id());
            $all = (null === $kept ? new Decisions() : Decisions::read($kept->decisions()))->with($decisions)->json();
            if (null === $kept) {
                $this->entities->persist(new LayoutDecisionsRecord($opened->record, $all));
            } else {
                $kept->settle($all);
            }
            $this->entities->flush();
            $read = $this->read($opened, $record);
            $record->judge($opened->revision->number(), $read->hash, self::said($read));

            return $read;
        });
    }

    public function forget(ReturnedRecord $record): void
    {
        $this->entities->wrapInTransaction(function () use ($record): void {
            $this->entities->remove($record);
        });
    }

    public static function bytes(ReturnedRecord $record): string
    {
        return (string) gzinflate($record->packed());
    }

    /** What was said of a file. */
    public static function verdict(ReturnedRecord $record): ReturnedVerdict
    {
        return ReturnedVerdict::read($record->verdict());
    }

    private static function said(Returned $read): string
    {
        return (new ReturnedVerdict($read->kind->value, $read->verdict(), $read->agrees()))->write();
    }

    /** A list is held against the netlist of the same connections that came last. */
    private function judged(OpenBoard $opened, string $bytes, ?ReturnedRecord $but = null): Returned
    {
        $inspection = $this->inspections->of($opened->board);
        $hash = Returned::hashOf($inspection);
        $beside = null;
        foreach ($this->of($opened) as $one) {
            if ($one !== $but && $one->connections() === $hash && FileKind::Netlist->value === self::verdict($one)->kind) {
                $beside = self::bytes($one);
                break;
            }
        }

        return Returned::read($inspection, $bytes, $this->decisions($opened), $beside);
    }
}
