<?php

declare(strict_types=1);

namespace IronLatch\Core\Wiring\Sheet;

/**
 * The room between two columns of boxes. Every net that turns in it has an upright track of its own; tracks that do not meet may lie on
 * one line. Wires come in across, each on a height of its own, so that two nets can only ever cross and never touch.
 */
final class Gangway
{
    private const STRAIGHT = 1e-6;
    private const BETWEEN_TRACKS_OF_ONE_LINE = 2.6;

    /**
     * @param list<array{strand: Strand, y: float, from_left: bool, wire: ?string, inset: float}> $ends
     * @param array<string, array{float, float}> $bars height of each bar, by strand
     * @param array<string, string> $texts what stands beside the end of each wire
     * @param float $left x of its left edge
     */
    public function __construct(
        private readonly array $ends,
        private readonly array $bars,
        private readonly array $texts,
        private readonly float $left,
    ) {}

    /**
     * @param list<Label> $labels that grow by those of the channel
     * @param array<string, list<array{float, float, float, float}>> $pieces that grow by its own
     * @return float x of its right edge
     */
    public function draw(array &$labels, array &$pieces, float $track, float $gap): float
    {
        if ([] === $this->ends) {
            return $this->left;
        }
        $groups = [];
        foreach ($this->ends as $end) {
            $groups[$end['strand']->id][] = $end;
        }
        $first = $this->left + $this->zone(true) + $gap;
        $tracks = $this->tracks($groups);
        $lines = [] === $tracks ? 0 : max($tracks) + 1;
        $last = $first + max(0, $lines - 1) * $track;
        $right = $last + $gap + $this->zone(false);
        foreach ($groups as $id => $ends) {
            $this->run($ends, isset($tracks[$id]) ? $first + $tracks[$id] * $track : null, $right, $id, $pieces);
        }
        foreach ($this->ends as $end) {
            $text = $this->texts[$end['wire'] ?? ''] ?? null;
            if (null !== $text) {
                $labels[] = new Label(
                    $end['from_left'] ? $this->left - $end['inset'] + 0.6 : $right - 0.6,
                    $end['y'] - 0.5,
                    $text,
                    !$end['from_left'],
                    $end['strand']->net->id,
                    $end['wire'],
                );
            }
        }

        return $right;
    }

    /** Room for the numbers beside the wires at one edge. */
    private function zone(bool $atLeft): float
    {
        $widest = 0.0;
        foreach ($this->ends as $end) {
            if ($end['from_left'] === $atLeft) {
                $widest = max($widest, Type::width($this->texts[$end['wire'] ?? ''] ?? ''));
            }
        }

        return $widest + 1.2;
    }

    /**
     * @param array<string, non-empty-list<array{strand: Strand, y: float, from_left: bool, wire: ?string, inset: float}>> $groups by strand
     * @return array<string, int> number of its line, by strand; none for a wire that runs straight through
     */
    private function tracks(array $groups): array
    {
        $spans = [];
        foreach ($groups as $id => $ends) {
            $ys = array_column($ends, 'y');
            if (isset($this->bars[$id])) {
                $ys[] = $this->bars[$id][0];
            }
            if (max($ys) - min($ys) > self::STRAIGHT) {
                $lefts = count(array_filter($ends, static fn(array $end): bool => $end['from_left']));
                $kind = $lefts === count($ends) ? 0 : (0 === $lefts ? 2 : 1);
                $spans[$id] = [min($ys), max($ys), $kind, self::turn($ends)];
            }
        }
        // What only comes from the left turns near the left, what only goes to the right near the right: it crosses least so.
        uksort($spans, static fn(string $one, string $other): int => [$spans[$one][2], $spans[$one][3], $one]
            <=> [$spans[$other][2], $spans[$other][3], $other]);
        $tracks = [];
        $ends = [];
        $zone = 0;
        $base = 0;
        foreach ($spans as $id => [$from, $to, $kind, ]) {
            if ($kind !== $zone) {
                $zone = $kind;
                $base = count($ends);
            }
            $line = $base;
            while (isset($ends[$line]) && $ends[$line] + self::BETWEEN_TRACKS_OF_ONE_LINE > $from) {
                ++$line;
            }
            $tracks[$id] = $line;
            $ends[$line] = $to;
        }

        return $tracks;
    }

    /**
     * By what wires are sorted that turn in the same channel: of those that lead down the upper turns last, of those that lead up it
     * turns first, so that neighbours do not cross.
     *
     * @param non-empty-list<array{strand: Strand, y: float, from_left: bool, wire: ?string, inset: float}> $ends
     * @return array{int, float}
     */
    private static function turn(array $ends): array
    {
        $lefts = $rights = [];
        foreach ($ends as $end) {
            if ($end['from_left']) {
                $lefts[] = $end['y'];
            } else {
                $rights[] = $end['y'];
            }
        }
        $isDown = [] !== $lefts && [] !== $rights && array_sum($rights) / count($rights) > array_sum($lefts) / count($lefts);
        $first = min(array_column($ends, 'y'));

        return $isDown ? [0, -$first] : [1, $first];
    }

    /**
     * @param non-empty-list<array{strand: Strand, y: float, from_left: bool, wire: ?string, inset: float}> $ends
     * @param ?float $x of its track; null where it runs straight through
     * @param array<string, list<array{float, float, float, float}>> $pieces
     */
    private function run(array $ends, ?float $x, float $right, string $id, array &$pieces): void
    {
        $ys = array_column($ends, 'y');
        if (null === $x) {
            $insets = array_map(static fn(array $end): float => $end['from_left'] ? $end['inset'] : 0.0, $ends);
            $pieces[$id][] = [$this->left - max($insets), $ys[0], $right, $ys[0]];

            return;
        }
        foreach ($ends as $end) {
            [$from, $to] = $end['from_left'] ? [$this->left - $end['inset'], $x] : [$x, $right];
            $pieces[$id][] = [$from, $end['y'], $to, $end['y']];
        }
        if (isset($this->bars[$id])) {
            $ys[] = $this->bars[$id][0];
        }
        $pieces[$id][] = [$x, min($ys), $x, max($ys)];
    }
}
