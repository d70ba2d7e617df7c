<?php

declare(strict_types=1);

namespace IronLatch\Core\Log;

use IronLatch\Core\Record\Copy;
use IronLatch\Core\Record\MapOf;

/** What was ordered, built, measured and noted of one board; immutable. */
final readonly class Log
{
    private const MOST = 500;
    private const GREATEST_ID = 90_000;

    /**
     * @param array<string, Order> $orders by id
     * @param array<string, BoardCopy> $copies by id
     * @param array<string, Note> $notes by id
     * @param array<string, int> $lastIds the last number given by letter, so that none is given twice
     */
    public function __construct(
        #[MapOf(Order::class, '^O[1-9][0-9]{0,4}$')]
        public array $orders = [],
        #[MapOf(BoardCopy::class, '^B[1-9][0-9]{0,4}$')]
        public array $copies = [],
        #[MapOf(Note::class, '^N[1-9][0-9]{0,4}$')]
        public array $notes = [],
        #[MapOf('int', '^[OBN]$')]
        public array $lastIds = [],
    ) {
        foreach (['orders' => $orders, 'copies' => $copies, 'notes' => $notes] as $what => $all) {
            if (count($all) > self::MOST) {
                throw new \InvalidArgumentException(sprintf('A log has at most %d %s.', self::MOST, $what));
            }
        }
        if (max([0, ...array_values($lastIds)]) > self::GREATEST_ID) {
            throw new \InvalidArgumentException(sprintf('A log gives at most %d numbers of a kind.', self::GREATEST_ID));
        }
        $serials = array_map(static fn(BoardCopy $copy): string => mb_strtolower(trim($copy->serial)), $copies);
        if (count(array_unique($serials)) < count($serials)) {
            throw new \InvalidArgumentException('Two copies have the same serial. Give each its own.');
        }
        foreach ($notes as $note) {
            if ('' !== $note->about && !isset($copies[$note->about]) && !isset($orders[$note->about])) {
                throw new \InvalidArgumentException(sprintf('A note is about “%s”, which this log does not have.', $note->about));
            }
        }
    }

    /** Puts an order down: a new one, or another in the place of one that there is. */
    public function withOrder(Order $order, ?string $id = null): self
    {
        $id = $this->idFor('O', $id, isset($this->orders[$id ?? '']));

        return Copy::of($this, ['orders' => [...$this->orders, $id => $order], 'lastIds' => $this->given($id)]);
    }

    public function withCopy(BoardCopy $copy, ?string $id = null): self
    {
        $id = $this->idFor('B', $id, isset($this->copies[$id ?? '']));

        return Copy::of($this, ['copies' => [...$this->copies, $id => $copy], 'lastIds' => $this->given($id)]);
    }

    public function withNote(Note $note, ?string $id = null): self
    {
        $id = $this->idFor('N', $id, isset($this->notes[$id ?? '']));

        return Copy::of($this, ['notes' => [...$this->notes, $id => $note], 'lastIds' => $this->given($id)]);
    }

    private function idFor(string $letter, ?string $id, bool $isThere): string
    {
        if (null !== $id && !$isThere) {
            throw new \InvalidArgumentException(sprintf('This log has no “%s” any more.', mb_substr($id, 0, 12)));
        }

        return $id ?? $letter . (1 + $this->lastId($letter));
    }

    /** The greatest number that was given, also where a file does not say so. */
    private function lastId(string $letter): int
    {
        $there = array_map(
            static fn(string $id): int => $id[0] === $letter ? (int) substr($id, 1) : 0,
            array_keys([...$this->orders, ...$this->copies, ...$this->notes]),
        );

        return max([$this->lastIds[$letter] ?? 0, 0, ...$there]);
    }

    /**
     * @return array<string, int>
     */
    private function given(string $id): array
    {
        return [...$this->lastIds, $id[0] => max($this->lastId($id[0]), (int) substr($id, 1))];
    }

    /** Takes something out, and what is noted about it. */
    public function without(string $id): self
    {
        return Copy::of($this, [
            'orders' => array_diff_key($this->orders, [$id => 0]),
            'copies' => array_diff_key($this->copies, [$id => 0]),
            'notes' => array_filter(
                array_diff_key($this->notes, [$id => 0]),
                static fn(Note $note): bool => $note->about !== $id,
            ),
        ]);
    }

    /** Without names and places, for somebody else. */
    public function withoutNames(): self
    {
        return Copy::of($this, [
            'orders' => array_map(static fn(Order $order): Order => Copy::of($order, ['from' => '']), $this->orders),
            'copies' => array_map(static fn(BoardCopy $copy): BoardCopy => Copy::of($copy, [
                'place' => '',
                'holder' => '',
                'secrets' => '',
                'readings' => array_map(
                    static fn(StepReading $one): StepReading => Copy::of($one, ['by' => '', 'note' => '']),
                    $copy->readings,
                ),
                'verified' => array_map(static fn(Verified $one): Verified => Copy::of($one, ['by' => 'not told']), $copy->verified),
            ]), $this->copies),
            'notes' => array_map(static fn(Note $note): Note => Copy::of($note, [
                'text' => null === $note->revision ? 'A note that is not told.' : $note->text,
                'pictures' => [],
            ]), $this->notes),
        ]);
    }

    /**
     * Open faults of the design in a revision.
     *
     * @return array<string, Note> by id
     */
    public function openFaults(int $revision): array
    {
        return array_filter($this->notes, static fn(Note $note): bool => $note->isOpenFault() && $note->revision === $revision);
    }
}
