<?php

declare(strict_types=1);

namespace IronLatch\Storage;

use Doctrine\ORM\EntityManagerInterface;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Exchange\BoardDiff;
use IronLatch\Core\Exchange\BoardFileFault;
use IronLatch\Core\Exchange\BoardJson;
use IronLatch\Core\Record\RecordWriter;
use IronLatch\Entity\BoardRecord;
use IronLatch\Entity\PartFacts;
use IronLatch\Entity\RevisionRecord;
use Psr\Clock\ClockInterface;

/**
 * The boards and their revisions. Every change is a new revision in one transaction; undo, redo and jumping only move the head.
 */
final class BoardStore
{
    /** @var array<string, Board> boards that this request has read already, by revision: revisions never change */
    private array $read = [];
    private const REVISIONS_A_PAGE = 100;

    public function __construct(
        private readonly EntityManagerInterface $entities,
        private readonly ClockInterface $clock,
        private readonly ReadBoards $boards,
    ) {}

    /**
     * @return list<BoardRecord> newest first
     */
    public function shelf(): array
    {
        return $this->entities->getRepository(BoardRecord::class)->findBy(['removedAt' => null], ['changedAt' => 'DESC', 'id' => 'DESC']);
    }

    /** Whether there has never been a board, on the shelf or off it. */
    public function isNew(): bool
    {
        return 0 === $this->entities->getRepository(BoardRecord::class)->count([]);
    }

    /**
     * @return list<BoardRecord> newest first
     */
    public function removed(): array
    {
        $records = $this->entities->getRepository(BoardRecord::class)->findBy([], ['changedAt' => 'DESC', 'id' => 'DESC']);

        return array_values(array_filter($records, static fn(BoardRecord $record): bool => null !== $record->removedAt()));
    }

    public function create(Board $board, string $summary): OpenBoard
    {
        return $this->entities->wrapInTransaction(function () use ($board, $summary): OpenBoard {
            $now = $this->clock->now();
            $record = new BoardRecord($board->name, $now);
            [$document, $board] = self::kept($board);
            [$content, $parts] = Packing::pack($document);
            $this->keepParts($parts);
            $revision = new RevisionRecord($record, null, 1, $content, Packing::pack('{}')[0], $summary, $now);
            $record->moveTo($revision, $revision, $board->name, $now);
            $this->entities->persist($record);
            $this->entities->persist($revision);

            return new OpenBoard($record, $revision, $board, false);
        });
    }

    public function open(string $id): ?OpenBoard
    {
        $record = $this->record($id);

        return null === $record ? null : $this->opened($record);
    }

    /** A board at one of its revisions, past or present. */
    public function at(BoardRecord $record, string $revisionId): OpenBoard
    {
        $revision = $this->revision($revisionId);
        if ($revision->board()->id() !== $record->id()) {
            throw new \InvalidArgumentException('This revision belongs to another board. Load the page again.');
        }

        return new OpenBoard($record, $revision, $this->boardOf($revision), false);
    }

    public function record(string $id): ?BoardRecord
    {
        return $this->entities->find(BoardRecord::class, $id);
    }

    /** Whether there is a step before the revision that the screens show. */
    public function hasStepBack(BoardRecord $record): bool
    {
        return null !== $this->entities->find(RevisionRecord::class, $record->headId())?->base();
    }

    /** The revision that the screens show, its document unread. */
    public function headOf(BoardRecord $record): RevisionRecord
    {
        return $this->revision($record->headId());
    }

    /**
     * Makes an edit on the revision that its maker looked at. If the head has moved on, the edit is made on the head as long
     * as it touches nothing that was changed in between.
     *
     * @throws StaleEdit
     * @throws EditRefused
     * @throws \InvalidArgumentException
     */
    public function apply(string $id, string $baseId, Edit $edit): OpenBoard
    {
        return $this->entities->wrapInTransaction(function () use ($id, $baseId, $edit): OpenBoard {
            $record = $this->fresh($id);
            $head = $this->revision($record->headId());
            $board = $this->boardOf($head);
            if ($baseId !== $head->id()) {
                $this->refuseCollision($this->revision($baseId), $head, $board, $edit);
            }
            $summary = $edit->summary($board);
            $edited = $edit->apply($board);
            [$document, $edited] = self::kept($edited);
            [$content, $parts] = Packing::pack($document);
            if ($content === $head->content()) {
                // Nothing changed: no revision for it.
                return new OpenBoard($record, $head, $edited, $record->tipId() !== $head->id());
            }
            $now = $this->clock->now();
            [$editContent, $more] = Packing::pack(json_encode(
                RecordWriter::writeVariant(Edit::class, $edit),
                JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR,
            ));
            $this->keepParts($parts + $more);
            $revision = new RevisionRecord($record, $head, $this->newestNumber($record) + 1, $content, $editContent, $summary, $now);
            $this->entities->persist($revision);
            $record->moveTo($revision, $revision, $edited->name, $now);

            return new OpenBoard($record, $revision, $edited, false);
        });
    }

    /**
     * @throws NothingToDo
     */
    public function undo(string $id): OpenBoard
    {
        return $this->move($id, static fn(BoardRecord $record, RevisionRecord $head): RevisionRecord => $head->base()
            ?? throw new NothingToDo('This is the first revision: there is nothing before it to go back to.'));
    }

    /**
     * @throws NothingToDo
     */
    public function redo(string $id): OpenBoard
    {
        return $this->move($id, function (BoardRecord $record, RevisionRecord $head): RevisionRecord {
            $next = $this->ancestry($record->tipId(), $head->id())[1] ?? null;
            if (null !== $next) {
                return $this->revision($next);
            }
            throw new NothingToDo('This is the newest revision: there is nothing to make again.');
        });
    }

    public function goTo(string $id, string $revisionId): OpenBoard
    {
        return $this->move($id, fn(): RevisionRecord => $this->revision($revisionId));
    }

    /**
     * A page of the list of revisions, without their documents.
     *
     * @return list<Revised> newest first
     */
    public function revisions(BoardRecord $record, int $page = 1): array
    {
        /** @var list<Revised> $revisions */
        $revisions = $this->entities->createQueryBuilder()
            ->select(sprintf('NEW %s(r.id, r.number, b.number, r.summary, r.madeAt)', Revised::class))
            ->from(RevisionRecord::class, 'r')
            ->leftJoin('r.base', 'b')
            ->where('r.board = :board')
            ->orderBy('r.number', 'DESC')
            ->getQuery()
            ->setParameter('board', $record)
            ->setFirstResult(self::REVISIONS_A_PAGE * (max(1, $page) - 1))
            ->setMaxResults(self::REVISIONS_A_PAGE)
            ->getResult();

        return $revisions;
    }

    /** How many pages the list of revisions has. */
    public function revisionPages(BoardRecord $record): int
    {
        return max(1, (int) ceil($this->newestNumber($record) / self::REVISIONS_A_PAGE));
    }

    /** The board of a revision as its file has it, whether it can be read as a board or not. */
    public function documentOf(RevisionRecord $revision): string
    {
        return BoardJson::indented(Packing::unpack($revision->content(), $this->part(...)));
    }

    /**
     * The edit that made a revision, as data.
     *
     * @return array<mixed>
     */
    public function editOf(RevisionRecord $revision): array
    {
        $edit = json_decode(Packing::unpack($revision->editContent(), $this->part(...)), true);

        return is_array($edit) ? $edit : [];
    }

    public function remove(string $id): void
    {
        $this->entities->wrapInTransaction(fn() => $this->fresh($id)->remove($this->clock->now()));
    }

    public function restore(string $id): void
    {
        $this->entities->wrapInTransaction(fn() => $this->fresh($id)->restore());
    }

    /**
     * A copy of the whole store, consistent while others write. Its file is gone from the folder before it is read: whatever
     * breaks off, nothing is left behind.
     *
     * @return resource
     */
    public function backUp(string $folder)
    {
        $file = $folder . '/backup-' . bin2hex(random_bytes(6)) . '.db';
        try {
            $this->entities->getConnection()->executeStatement('VACUUM INTO ?', [$file]);
            Restore::withoutDevices($file);

            $copy = fopen($file, 'r');

            return false === $copy ? throw new \RuntimeException('The copy cannot be read.') : $copy;
        } finally {
            @unlink($file);
        }
    }

    /**
     * What would be written, read back before anything is acknowledged.
     *
     * @return array{string, Board} the document and the board that it says
     * @throws EditRefused when it could not be read again
     */
    private static function kept(Board $board): array
    {
        $document = BoardJson::write($board);
        try {
            return [$document, BoardJson::readBack($document)];
        } catch (BoardFileFault $fault) {
            throw new EditRefused(
                'This would make a board that cannot be opened again, so nothing was changed. ' . $fault->getMessage(),
                previous: $fault,
            );
        }
    }

    private function refuseCollision(RevisionRecord $base, RevisionRecord $head, Board $newest, Edit $edit): void
    {
        $seen = $this->boardOf($base);
        $mine = BoardDiff::between($seen, $edit->apply($seen));
        $theirs = BoardDiff::between($seen, $newest);
        $collisions = [];
        foreach (BoardDiff::collisions($mine, $theirs) as $path) {
            $collisions[] = ['path' => $path, 'mine' => $mine[$path][1], 'theirs' => $theirs[$path][1] ?? null];
        }
        if ([] !== $collisions) {
            throw new StaleEdit($edit, $edit->summary($seen), $head->number(), $head->summary(), $collisions);
        }
    }

    /**
     * @param \Closure(BoardRecord, RevisionRecord): RevisionRecord $target
     */
    private function move(string $id, \Closure $target): OpenBoard
    {
        return $this->entities->wrapInTransaction(function () use ($id, $target): OpenBoard {
            $record = $this->fresh($id);
            $revision = $target($record, $this->revision($record->headId()));
            if ($revision->board()->id() !== $record->id()) {
                throw new \InvalidArgumentException('This revision belongs to another board.');
            }
            $board = $this->boardOf($revision);
            $tip = $this->isBefore($revision, $this->revision($record->tipId())) ? null : $revision;
            $record->moveTo($revision, $tip, $board->name, $this->clock->now());

            return new OpenBoard($record, $revision, $board, $record->tipId() !== $revision->id());
        });
    }

    private function isBefore(RevisionRecord $revision, RevisionRecord $tip): bool
    {
        return [] !== $this->ancestry($tip->id(), $revision->id());
    }

    /**
     * The way from a revision forward to a later one of its branch.
     *
     * @return list<string> ids, beginning with the earlier one; none where it is not before the later one
     */
    private function ancestry(string $later, string $earlier): array
    {
        $ids = array_column($this->entities->getConnection()->fetchAllAssociative(
            'WITH RECURSIVE back(id, base_id, step) AS (SELECT id, base_id, 0 FROM revision WHERE id = :later UNION ALL SELECT r.id, '
                . 'r.base_id, step + 1 FROM revision r JOIN back ON r.id = back.base_id WHERE back.id <> :earlier) SELECT id FROM back '
                . 'ORDER BY step DESC LIMIT 2',
            ['later' => $later, 'earlier' => $earlier],
        ), 'id');

        /** @var list<string> $ids */
        return ($ids[0] ?? null) === $earlier ? $ids : [];
    }

    /**
     * Keeps the facts of parts that are not in the store yet.
     *
     * @param array<string, string> $parts as JSON, by what revisions name them by
     */
    private function keepParts(array $parts): void
    {
        $known = array_map(
            static fn(PartFacts $one): string => $one->hash(),
            $this->entities->getRepository(PartFacts::class)->findBy(['hash' => array_keys($parts)]),
        );
        foreach (array_diff_key($parts, array_flip($known)) as $hash => $part) {
            $this->entities->persist(new PartFacts($hash, Packing::part($part)));
        }
    }

    private function part(string $hash): string
    {
        return $this->entities->find(PartFacts::class, $hash)?->content()
            ?? throw new DamagedStore('The facts of a part are missing from the store. Restore a backup with bin/restore.');
    }

    /** A board as its screens show it. */
    public function opened(BoardRecord $record): OpenBoard
    {
        $revision = $this->revision($record->headId());

        return new OpenBoard($record, $revision, $this->boardOf($revision), $record->tipId() !== $revision->id());
    }

    private function boardOf(RevisionRecord $revision): Board
    {
        return $this->read[$revision->id()] ??= $this->boards->of(
            $revision->board()->id(),
            $revision->content(),
            fn(): Board => $this->readOf($revision),
        );
    }

    private function readOf(RevisionRecord $revision): Board
    {
        // One query for all parts: they then stand in the identity map.
        $this->entities->getRepository(PartFacts::class)->findBy(['hash' => Packing::partsOf($revision->content())]);

        return BoardJson::readOwn(Packing::unpack($revision->content(), $this->part(...)));
    }

    /** The record as it stands in the database now, inside the transaction that holds the write lock. */
    private function fresh(string $id): BoardRecord
    {
        $record = $this->record($id) ?? throw new \InvalidArgumentException('This board is not on the shelf.');
        $this->entities->refresh($record);

        return $record;
    }

    private function revision(string $id): RevisionRecord
    {
        return $this->entities->find(RevisionRecord::class, $id)
            ?? throw new \InvalidArgumentException('This revision does not exist. Load the page again.');
    }

    private function newestNumber(BoardRecord $record): int
    {
        $number = $this->entities->createQuery('SELECT MAX(r.number) FROM ' . RevisionRecord::class . ' r WHERE r.board = :board')
            ->setParameter('board', $record)
            ->getSingleScalarResult();

        return is_numeric($number) ? (int) $number : 0;
    }
}
