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
     * @return list<ReturnedCard> the newest first
     */
    public function of(OpenBoard $opened): array
    {
        /** @var list<ReturnedCard> $cards */
        $cards = $this->entities->createQuery(sprintf(
            'SELECT NEW %s(r.id, r.revision, r.name, r.sha256, r.connections, r.verdict, r.cameAt) FROM %s r WHERE r.board = :board '
                . 'ORDER BY r.id DESC',
            ReturnedCard::class,
            ReturnedRecord::class,
        ))->setParameter('board', $opened->record)->getResult();

        return $cards;
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
            $gone = array_filter(
                $this->of($opened),
                static fn(ReturnedCard $one, int $place): bool => $one->sha256 === $record->sha256() || $place >= self::MOST_FILES - 1,
                ARRAY_FILTER_USE_BOTH,
            );
            $this->entities->createQuery(sprintf('DELETE %s r WHERE r.id IN (:gone)', ReturnedRecord::class))
                ->execute(['gone' => array_map(static fn(ReturnedCard $one): string => $one->id, array_values($gone))]);
            $this->entities->persist($record);
        });

        return $record;
    }

    /** As it is read today, on the board as it stands. */
    public function read(OpenBoard $opened, ReturnedRecord $record): Returned
    {
        return $this->judged($opened, self::bytes($record));
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

    private static function said(Returned $read): string
    {
        return (new ReturnedVerdict($read->kind->value, $read->verdict(), $read->agrees()))->write();
    }

    /** A list is held against the netlist of the same connections that came last. */
    private function judged(OpenBoard $opened, string $bytes): Returned
    {
        return Returned::read(
            $this->inspections->of($opened->board),
            $bytes,
            $this->decisions($opened),
            function (string $hash) use ($opened): ?string {
                foreach ($this->of($opened) as $one) {
                    $record = $one->against === $hash && FileKind::Netlist->value === $one->verdict->kind
                        ? $this->one($opened, $one->id)
                        : null;
                    if (null !== $record) {
                        return self::bytes($record);
                    }
                }

                return null;
            },
        );
    }
}
