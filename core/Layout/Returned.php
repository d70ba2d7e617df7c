<?php

declare(strict_types=1);

namespace IronLatch\Core\Layout;

use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Severity;

/** A file that came back, held against the board as it stands: what it is, what differs, what was taken without being told. */
final readonly class Returned
{
    /**
     * @param list<LayoutFinding> $findings the worst first
     * @param list<Doubt> $doubts
     * @param list<string> $notes what was taken as usual, and what was not looked at
     * @param ?ListTable $table as its columns were read; null for what has none
     * @param string $hash of what it was held against
     * @param ?LayoutNetlist $layout null for a list
     */
    private function __construct(
        public FileKind $kind,
        public array $findings,
        public array $doubts,
        public array $notes,
        public ?ListTable $table,
        public int $records,
        public string $hash,
        public ?LayoutNetlist $layout = null,
    ) {}

    /**
     * @param string $bytes as they came
     * @param ?\Closure(string): ?string $beside a netlist of the same layout that came before, by the hash of what it was held against
     * @throws Unreadable
     */
    public static function read(
        Inspection $inspection,
        string $bytes,
        Decisions $decisions = new Decisions(),
        ?\Closure $beside = null,
    ): self {
        $own = new OwnNetlist($inspection->board, $inspection->connections(), $inspection->partsList());
        [$layout, $table, $kind] = self::opened($bytes, $decisions);
        if (null !== $layout) {
            $match = PartMatch::of($own, $layout, $decisions);

            return self::sorted($kind, self::ofLayout($own, $layout, $match), $match->doubts, [
                ...$layout->notes,
                ...$layout->hasPlaces() ? ['Pads on no net, tracks and areas of copper are not measured.'] : [],
                ...[] === $own->onBoard ? ['Whether a part is missing is not looked at: that it is built on one board is not stated.'] : [],
            ], $table, count($layout->pads), $own->hash(), $layout);
        }
        $before = null === $beside ? null : $beside($own->hash());
        $netlist = null === $before ? null : self::opened($before, $decisions)[0];
        $match = true === $netlist?->hasPlaces() ? PartMatch::of($own, $netlist, $decisions) : null;
        assert(null !== $table);
        [$findings, $notes] = ListComparison::of($own, $table, $inspection->partsList(), $decisions, $match);

        return self::sorted($kind, $findings, [], $notes, $table, count($table->rows), $own->hash());
    }

    /** What a file that was read holds true of, while it stays the same. */
    public static function hashOf(Inspection $inspection): string
    {
        return (new OwnNetlist($inspection->board, $inspection->connections(), $inspection->partsList()))->hash();
    }

    /**
     * @return array{?LayoutNetlist, ?ListTable, FileKind}
     */
    private static function opened(string $bytes, Decisions $decisions): array
    {
        $text = TableText::of($bytes);
        if (Ipc356::isOne($text)) {
            return [Ipc356::read($text), null, FileKind::Netlist];
        }
        $table = ListTable::read($text, $decisions->columns);
        $kind = FileKind::of($table);

        return [FileKind::Netlist === $kind ? NetTable::read($table) : null, $table, $kind];
    }

    /**
     * @return list<LayoutFinding>
     */
    private static function ofLayout(OwnNetlist $own, LayoutNetlist $layout, PartMatch $match): array
    {
        $missing = array_map(
            static fn(string $part): LayoutFinding => new LayoutFinding(
                LayoutFault::Missing,
                Severity::Broken,
                sprintf('%s (%s) is missing there.', $part, $own->connections->devices[$part]->name),
                [$part],
            ),
            array_values(array_diff(array_map(strval(...), array_keys($own->onBoard)), $match->parts)),
        );
        $extra = [];
        foreach ($match->extra as $name) {
            $pins = array_keys($layout->parts[$name]);
            if ([] !== array_filter($pins, static fn(int|string $pin): bool => '' !== $layout->netOf($name, (string) $pin))) {
                $extra[] = new LayoutFinding(
                    LayoutFault::Extra,
                    Severity::Weak,
                    sprintf('“%s” is no part of this board, and is joined to its nets.', $name),
                    rows: [$layout->lineOf($name)],
                    settles: $name,
                );
            }
        }

        return [
            ...NetComparison::of($own, $match),
            ...$missing,
            ...$extra,
            ...PadDistances::of($own, $layout, $match),
            ...Sides::ofPads($own, $match),
        ];
    }

    /**
     * @param list<LayoutFinding> $findings
     * @param list<Doubt> $doubts
     * @param list<string> $notes
     */
    private static function sorted(
        FileKind $kind,
        array $findings,
        array $doubts,
        array $notes,
        ?ListTable $table,
        int $records,
        string $hash,
        ?LayoutNetlist $layout = null,
    ): self {
        usort($findings, static fn(LayoutFinding $one, LayoutFinding $other): int => $one->severity->rank() <=> $other->severity->rank());

        return new self($kind, $findings, $doubts, $notes, $table, $records, $hash, $layout);
    }

    /** Nothing that bars an order. */
    public function agrees(): bool
    {
        return [] === $this->doubts && [] === array_filter(
            $this->findings,
            static fn(LayoutFinding $finding): bool => $finding->severity->opensLatch(),
        );
    }

    /** In a sentence. */
    public function verdict(): string
    {
        $barring = count(array_filter($this->findings, static fn(LayoutFinding $finding): bool => $finding->severity->opensLatch()));
        $doubts = count($this->doubts);

        return match (true) {
            0 < $barring => sprintf('%d %s from this board.', $barring, 1 === $barring ? 'difference' : 'differences'),
            0 < $doubts => sprintf('No difference, and %d %s to settle.', $doubts, 1 === $doubts ? 'doubt' : 'doubts'),
            default => 'It agrees with this board.',
        };
    }
}
