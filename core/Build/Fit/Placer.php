<?php

declare(strict_types=1);

namespace IronLatch\Core\Build\Fit;

use IronLatch\Core\Board\BuildForm;
use IronLatch\Core\Board\PlacedAt;
use IronLatch\Core\Record\Copy;

/**
 * Finds a place for every part: mains on one side of a straight barrier, low voltage on the other, what joins them across it, terminals
 * and antennas at an edge. It tries a bounded number of layouts, each built part by part at the corners of what lies already; that it
 * finds none does not prove that there is none.
 */
final class Placer
{
    /** Layouts that are tried at the most, for few parts and for many. */
    private const MOST_TRIES = 1000;
    /** Corners that a search of few parts tries in all, and with one order of them. */
    private const MOST_STEPS = 16_000;
    private const STEPS_OF_ONE = 400;
    private const MOST_TRIES_OF_MANY = 60;
    /** More than these nobody places at once: it would take minutes. */
    public const MOST_PARTS = 240;
    /** Up to so many parts every pairing of an upright and a level line is a candidate, not only true corners. */
    private const FEW = 10;
    private const ROUND_STEP = 3e-3;
    private const SLACK = 1e-7;
    private const LAST_CHOICE = PHP_INT_MAX;
    /** Of the box, in which the parts are placed first. */
    private const SHARES = [0.4, 0.5, 0.6, 0.7, 0.85];

    /** @var list<Outline> */
    private array $parts;
    private float $apart;
    private ?float $grid;
    private float $off;
    private int $steps = 0;

    public function __construct(private BoxPlan $plan)
    {
        $this->parts = array_map($this->asItIsLaid(...), array_values($plan->parts));
        $this->grid = BuildForm::Perforated === $plan->form ? BoxPlan::GRID_METRES : null;
        $this->apart = $this->onGrid($plan->apart);
        $this->off = [] === $this->parts ? 0.0 : $this->off();
    }

    /**
     * @param array<string, PlacedAt> $kept by designator: what stays where it is
     * @return ?array<string, PlacedAt> by designator; null where nothing was found
     */
    public function places(array $kept = []): ?array
    {
        $space = $this->plan->space;
        if (null === $space || count($this->parts) > self::MOST_PARTS || [] !== $this->plan->tooHigh()) {
            return null;
        }
        $fixed = [];
        foreach (array_intersect_key($kept, $this->plan->parts) as $id => $at) {
            $fixed[$id] = new Laid($this->plan->parts[$id], $at);
        }
        $open = array_values(array_filter($this->parts, static fn(Outline $part): bool => !isset($fixed[$part->id])));
        $area = array_sum(array_map(static fn(Outline $part): float => $part->length * $part->width, $this->parts));
        if ($area > $space->length * $space->width) {
            return null;
        }
        foreach ($this->rooms($space, $area, [] === $fixed) as $room) {
            $found = $this->within($open, $room, $fixed, $room === $space);
            if (null !== $found) {
                $own = array_map(fn(PlacedAt $at, string $id): PlacedAt => $this->withItsView($id, $at), $found, array_keys($found));

                return [...array_map(static fn(Laid $laid): PlacedAt => $laid->at, $fixed), ...array_combine(array_keys($found), $own)];
            }
        }

        return null;
    }

    /** Through a plastic wall an antenna looks out: what stays free before it may lie beyond. */
    private function asItIsLaid(Outline $part): Outline
    {
        $space = $this->plan->space;

        return $part->antenna && null !== $space && !$space->isMetal && !$space->isRound ? Copy::of($part, ['before' => 0.0]) : $part;
    }

    /** Without the crumbs of reckoning: what stands at the wall stands at 0, and not a hair before it. */
    private static function settled(float $xMetres, float $yMetres, int $quarters): PlacedAt
    {
        return new PlacedAt(round($xMetres, 9) + 0.0, round($yMetres, 9) + 0.0, $quarters);
    }

    private function withItsView(string $id, PlacedAt $at): PlacedAt
    {
        $part = $this->plan->parts[$id];
        $before = $part->before - $this->asItIsLaid($part)->before;

        return match ($at->quarters) {
            0 => self::settled($at->xMetres - $before, $at->yMetres, 0),
            1 => self::settled($at->xMetres, $at->yMetres - $before, 1),
            default => self::settled($at->xMetres, $at->yMetres, $at->quarters),
        };
    }

    /**
     * Smaller rooms in a corner of the box, then all of it: a board is no larger than it has to be.
     *
     * @return list<BoxSpace>
     */
    private function rooms(BoxSpace $space, float $area, bool $isEmpty): array
    {
        $rooms = [];
        $isPlain = !$space->isRound && !$space->isMetal && $isEmpty;
        foreach ($isPlain ? self::SHARES : [] as $share) {
            $room = new BoxSpace($share * $space->length, min($space->width, max($share, 0.6) * $space->width), $space->height);
            if ($room->length * $room->width > $area) {
                $rooms[] = $room;
            }
        }

        return [...$rooms, $space];
    }

    /**
     * @param list<Outline> $open
     * @param array<string, Laid> $fixed
     * @return ?array<string, PlacedAt>
     */
    private function within(array $open, BoxSpace $space, array $fixed, bool $isWhole): ?array
    {
        // One try costs about the third power of the parts: as many are made as one of the largest plan costs.
        $count = count($this->parts);
        $tries = $count > self::FEW
            ? min(self::MOST_TRIES_OF_MANY, max(1, intdiv(self::MOST_PARTS ** 3, $count ** 3)))
            : self::MOST_TRIES;
        $tries = $isWhole ? $tries : max(1, intdiv($tries, count(self::SHARES) + 1));
        foreach ($this->layouts($open, $space, $fixed) as [$isTurned, $barrier, $order]) {
            if (--$tries < 0) {
                break;
            }
            $found = $this->attempt($order, $isTurned ? $space->turned() : $space, $barrier, $isTurned, $fixed);
            if (null !== $found) {
                return $found;
            }
        }

        return $isWhole && $count <= self::FEW && !$space->isRound ? $this->searched($open, $space, $fixed) : null;
    }

    /**
     * @param list<Outline> $open
     * @param array<string, Laid> $fixed
     * @return ?array<string, PlacedAt>
     */
    private function searched(array $open, BoxSpace $space, array $fixed): ?array
    {
        $left = self::MOST_STEPS;
        foreach ($this->layouts($open, $space, $fixed) as [$isTurned, $barrier, $order]) {
            $room = $isTurned ? $space->turned() : $space;
            $this->steps = min($left, self::STEPS_OF_ONE);
            $left -= $this->steps;
            $found = $this->search($order, $room, $barrier, $isTurned, self::standingThere($fixed, $isTurned, $room));
            $left += max(0, $this->steps);
            if (null !== $found || $left <= 0) {
                return $found;
            }
        }

        return null;
    }

    /**
     * What is tried, the most promising first.
     *
     * @param list<Outline> $open
     * @param array<string, Laid> $fixed
     * @return iterable<array{bool, float, list<Outline>}> whether the box is turned, where the barrier begins, parts in their order
     */
    private function layouts(array $open, BoxSpace $space, array $fixed): iterable
    {
        foreach ($this->orders($open) as $order) {
            foreach ([false, true] as $isTurned) {
                $room = $isTurned ? $space->turned() : $space;
                foreach ($this->standing($fixed, $isTurned, $room) ?? $this->barriers($room) as $barrier) {
                    yield [$isTurned, $barrier, $order];
                }
            }
        }
    }

    /**
     * @param list<Outline> $open
     * @return iterable<list<Outline>>
     */
    private function orders(array $open): iterable
    {
        $rank = static fn(Outline $part): int => Zone::Across === $part->zone ? 0 : ($part->atEdge ? 1 : 2);
        $keys = [
            static fn(Outline $part): array => [$rank($part), -$part->squareMetres(), $part->id],
            static fn(Outline $part): array => [-$part->squareMetres(), $part->id],
            static fn(Outline $part): array => [$rank($part), -$part->width, $part->id],
            static fn(Outline $part): array => [-max($part->reach(), $part->width), $part->id],
            static fn(Outline $part): array => [$part->atEdge ? 0 : 1, -$part->squareMetres(), $part->id],
        ];
        foreach ($keys as $key) {
            $order = $open;
            usort($order, static fn(Outline $one, Outline $other): int => $key($one) <=> $key($other));
            yield $order;
        }
        if (count($this->parts) <= self::FEW) {
            yield from self::permutations($open);
        }
    }

    /**
     * @param list<Outline> $parts
     * @return iterable<list<Outline>>
     */
    private static function permutations(array $parts): iterable
    {
        if (count($parts) < 2) {
            yield $parts;

            return;
        }
        foreach ($parts as $i => $first) {
            $rest = $parts;
            array_splice($rest, $i, 1);
            foreach (self::permutations($rest) as $order) {
                yield [$first, ...$order];
            }
        }
    }

    /**
     * Where the barrier stands that parts which keep their place leave between them.
     *
     * @param array<string, Laid> $fixed
     * @return ?list<float> none where they leave no straight one this way; null where they leave it open
     */
    private function standing(array $fixed, bool $isTurned, BoxSpace $room): ?array
    {
        $see = static fn(Rect $rect): Rect => $isTurned ? self::turnedRect($rect, $room) : $rect;
        $mains = $low = [];
        foreach ($fixed as $laid) {
            array_push($mains, ...array_map($see, $laid->mains));
            array_push($low, ...array_map($see, $laid->low));
        }
        if ([] === $mains || [] === $low) {
            return null;
        }
        $from = Rect::around($mains)->right;
        $to = Rect::around($low)->left;

        return $from + $this->apart <= $to + self::SLACK ? [$from, $to - $this->apart] : ($from < $to ? [$from] : []);
    }

    /**
     * Where the barrier may begin, measured from the mains edge, the most even first.
     *
     * @return list<float> metres
     */
    private function barriers(BoxSpace $space): array
    {
        $area = [Zone::Mains->value => 0.0, Zone::Low->value => 0.0, Zone::Across->value => 0.0];
        $hasMains = false;
        $hasLow = false;
        $steps = [];
        foreach ($this->parts as $part) {
            $area[$part->zone->value] += $part->squareMetres();
            $hasMains = $hasMains || [] !== $part->mains;
            $hasLow = $hasLow || [] !== $part->low;
            $own = array_map(static fn(Rect $rect): float => $rect->right, $part->mains);
            $steps = [...$steps, ...Zone::Mains === $part->zone ? [$part->reach(), $part->width] : $own];
        }
        if (!$hasMains) {
            return [-$this->apart];
        }
        if (!$hasLow) {
            return [$space->length];
        }
        $share = ($area['mains'] + $area['across the barrier'] / 2) / max(1e-9, array_sum($area));
        $even = $share * max(0.0, $space->length - $this->apart);
        $candidates = [$even];
        foreach ([0.1, -0.1, 0.2, -0.2, 0.3, -0.3, 0.4] as $off) {
            $candidates[] = $even + $off * $space->length;
        }
        if (count($this->parts) <= self::FEW) {
            $steps = array_values(array_unique(array_map(static fn(float $step): float => round($step, 6), $steps)));
            foreach ($steps as $i => $one) {
                $candidates[] = $one;
                foreach (array_slice($steps, $i) as $other) {
                    $candidates[] = $one + $other;
                }
            }
        }
        $on = array_map(fn(float $metres): float => $this->onGrid($metres), $candidates);

        return array_values(array_unique(array_filter(
            $on,
            fn(float $metres): bool => $metres > 0 && $metres + $this->apart < $space->length + self::SLACK,
        )));
    }

    /**
     * One layout, part by part; null as soon as one finds no place.
     *
     * @param list<Outline> $order
     * @param array<string, Laid> $fixed
     * @return ?array<string, PlacedAt>
     */
    private function attempt(array $order, BoxSpace $space, float $barrier, bool $isTurned, array $fixed): ?array
    {
        $placed = self::standingThere($fixed, $isTurned, $space);
        $anchors = [];
        $found = [];
        $warm = [];
        foreach ($fixed as $laid) {
            $warm = self::warmed($warm, $laid->part, $isTurned ? self::seen($laid, $space)[0] : $laid->whole);
        }
        foreach ($order as $part) {
            $best = null;
            $least = INF;
            foreach ($this->candidates($part, $space, $barrier, $placed) as [$x, $y, $quarters, $length, $width]) {
                $cost = $this->cost($part, $x, $y, $length, $width, $space, $anchors[$part->subject] ?? null)
                    + self::warmth($part, $x, $y, $length, $width, $warm);
                if ($cost < $least && $this->isFree($part, $x, $y, $quarters, $length, $width, $space, $placed)) {
                    $least = $cost;
                    $best = new PlacedAt($x, $y, $quarters);
                }
            }
            if (null === $best) {
                return null;
            }
            $placed[] = $this->put($part, $best);
            $whole = $placed[count($placed) - 1][0];
            $warm = self::warmed($warm, $part, $whole);
            if (Zone::Across === $part->zone) {
                $anchors[$part->subject] = [$whole->right, ($whole->top + $whole->bottom) / 2];
            }
            $found[$part->id] = $isTurned ? self::turnedBack($part, $best, $space) : $best;
        }

        return $found;
    }

    /**
     * Of few parts every corner is tried for each in turn, as long as there are steps left.
     *
     * @param list<Outline> $order
     * @param list<array{Rect, list<Rect>, list<Rect>, bool}> $placed
     * @return ?array<string, PlacedAt>
     * @phpstan-impure it takes of the steps
     */
    private function search(array $order, BoxSpace $space, float $barrier, bool $isTurned, array $placed): ?array
    {
        if ([] === $order) {
            return [];
        }
        $part = array_shift($order);
        foreach ($this->candidates($part, $space, $barrier, $placed) as [$x, $y, $quarters, $length, $width]) {
            if (!$this->isFree($part, $x, $y, $quarters, $length, $width, $space, $placed)) {
                continue;
            }
            if (--$this->steps < 0) {
                return null;
            }
            $at = new PlacedAt($x, $y, $quarters);
            $rest = $this->search($order, $space, $barrier, $isTurned, [...$placed, $this->put($part, $at)]);
            if (null !== $rest) {
                return [$part->id => $isTurned ? self::turnedBack($part, $at, $space) : $at, ...$rest];
            }
        }

        return null;
    }

    /**
     * @return array{Rect, list<Rect>, list<Rect>, bool} what it takes up, its metals, and whether others are measured against it
     */
    private function put(Outline $part, PlacedAt $at): array
    {
        $laid = new Laid($part, $at);
        [$length, $width] = $this->sides($part, $at->quarters);
        $whole = new Rect($at->xMetres, $at->yMetres, $at->xMetres + $length, $at->yMetres + $width);

        return [$whole, $laid->mains, $laid->low, $this->isShort($part)];
    }

    /**
     * What keeps its place; nothing is put before what looks out of the box.
     *
     * @param array<string, Laid> $fixed
     * @return list<array{Rect, list<Rect>, list<Rect>, bool}>
     */
    private static function standingThere(array $fixed, bool $isTurned, BoxSpace $space): array
    {
        $placed = [];
        foreach ($fixed as $laid) {
            $placed[] = $isTurned ? self::seen($laid, $space) : [$laid->whole, $laid->mains, $laid->low, true];
            if ($laid->part->atEdge) {
                $view = $laid->view();
                $placed[] = [$isTurned ? self::turnedRect($view, $space) : $view, [], [], false];
            }
        }

        return $placed;
    }

    /**
     * In one piece: the range of each zone, and what an edge allows. Corners at which a part may lie, in the zone it belongs to and
     * turned as it may be.
     *
     * @param list<array{Rect, list<Rect>, list<Rect>, bool}> $placed
     * @return iterable<array{float, float, int, float, float}> corner, quarters, and the sides of what it takes up
     */
    private function candidates(Outline $part, BoxSpace $space, float $barrier, array $placed): iterable
    {
        // Mains keeps away from metal walls too.
        $off = $space->isMetal && [] !== $part->mains ? $this->onGrid($this->plan->apart) : 0.0;
        foreach ($this->turns($part, $space) as $quarters) {
            [$length, $width] = $this->sides($part, $quarters);
            [$from, $to] = match ($part->zone) {
                Zone::Mains => [$off, $barrier - $length],
                Zone::Low => [max(0.0, $barrier + $this->apart), $space->length - $length],
                Zone::Across => $this->across($part, $barrier, $off, $space->length - $length),
            };
            $xs = [$from, $to];
            $ys = [$off, $space->width - $width - $off];
            if ($part->atEdge && !$space->isRound) {
                $from = 0 === $quarters ? 0.0 : $from;
                [$xs, $ys] = match ($quarters) {
                    1 => [$xs, [0.0]],
                    3 => [$xs, [$space->width - $width]],
                    default => [[0 === $quarters ? 0.0 : $space->length - $length], $ys],
                };
            }
            foreach ($this->corners($part, $space, $placed, $xs, $ys, $length, $width) as [$x, $y]) {
                if ($x >= $from - self::SLACK && $x <= $to + self::SLACK) {
                    yield [$x, $y, $quarters, $length, $width];
                }
            }
        }
    }

    /** @return list<int> how a part may be turned */
    private function turns(Outline $part, BoxSpace $space): array
    {
        return match (true) {
            Zone::Across === $part->zone => [0],
            $part->atEdge && $space->isRound => [0, 1, 2, 3],
            $part->atEdge => Zone::Mains === $part->zone ? [0, 1, 3] : [2, 1, 3],
            abs($part->length - $part->width) < self::SLACK => [0],
            default => [0, 1],
        };
    }

    /**
     * @return array{float, float} between which a part that lies across the barrier may begin
     */
    private function across(Outline $part, float $barrier, float $from, float $to): array
    {
        $end = $part->before + ([] === $part->mains ? 0.0 : Rect::around($part->mains)->right);
        $start = $part->before + ([] === $part->low ? 0.0 : Rect::around($part->low)->left);
        $first = $barrier - $end;
        $last = $barrier + min($this->apart, $part->ownGap()) - $start;

        return null === $this->grid
            ? [max($from, $last), min($to, $first)]
            : [max($from, $this->downOnGrid($first)), min($to, $this->downOnGrid($first))];
    }

    /** A part across the barrier whose own gap does not make the distance for others: they are measured against it one by one. */
    private function isShort(Outline $part): bool
    {
        return Zone::Across === $part->zone && (null !== $this->grid || $part->ownGap() < $this->apart);
    }

    /** By how much a part has to stand off beside one that is measured: enough together with that one’s own gap. */
    private function off(): float
    {
        $gap = min([INF, ...array_map(static fn(Outline $part): float => $part->ownGap(), $this->parts)]);

        return $gap < $this->apart ? $this->onGrid(sqrt($this->apart ** 2 - min($gap, $this->apart) ** 2)) : 0.0;
    }

    /**
     * In one piece: which lines are crossed with which depends on what may slide along what.
     *
     * @param list<array{Rect, list<Rect>, list<Rect>, bool}> $placed
     * @param list<float> $xs upright lines to begin at
     * @param list<float> $ys level lines
     * @return iterable<array{float, float}>
     */
    private function corners(Outline $part, BoxSpace $space, array $placed, array $xs, array $ys, float $length, float $width): iterable
    {
        if ($space->isRound) {
            yield from self::steps($xs, Zone::Across === $part->zone, $space->width - $width);

            return;
        }
        $isFree = !$part->atEdge;
        $lines = [$xs, $ys];
        $placed = $this->widened($placed, $this->isShort($part));
        foreach ($placed as [$rect]) {
            if ($isFree && (Zone::Across !== $part->zone || count($this->parts) <= self::FEW)) {
                array_push($lines[0], $rect->right, $rect->left - $length);
            }
            array_push($lines[1], $rect->bottom, $rect->top - $width);
        }
        if ($part->atEdge) {
            $isLevel = 1 === count($xs);
            $along = [];
            foreach ($placed as [$rect]) {
                array_push($along, ...$isLevel ? [$rect->bottom, $rect->top - $width] : [$rect->right, $rect->left - $length]);
            }
            $lines = $isLevel ? [$xs, [...$ys, ...$along]] : [[...$xs, ...$along], $ys];
        }
        if (count($this->parts) <= self::FEW || $part->atEdge || Zone::Across === $part->zone) {
            foreach ($lines[0] as $x) {
                foreach ($lines[1] as $y) {
                    yield [$x, $y];
                }
            }

            return;
        }
        foreach ($xs as $x) {
            foreach ($ys as $y) {
                yield [$x, $y];
            }
        }
        foreach ($placed as [$rect]) {
            yield [$rect->right, $rect->top];
            yield [$rect->left - $length, $rect->top];
            yield [$rect->left, $rect->bottom];
            yield [$rect->right - $length, $rect->bottom];
            yield [$rect->left, $rect->top - $width];
            foreach ($xs as $x) {
                yield [$x, $rect->bottom];
            }
            foreach ($ys as $y) {
                yield [$rect->right, $y];
                yield [$rect->left - $length, $y];
            }
        }
    }

    /**
     * What lies already, and around each that is measured also with the distance that others keep from it.
     *
     * @param list<array{Rect, list<Rect>, list<Rect>, bool}> $placed
     * @return list<array{Rect}>
     */
    private function widened(array $placed, bool $isShort): array
    {
        $all = [];
        foreach ($placed as [$rect, , , $isChecked]) {
            $all[] = [$rect];
            if ($this->off > 0 && ($isShort || $isChecked)) {
                $all[] = [
                    new Rect($rect->left - $this->off, $rect->top - $this->off, $rect->right + $this->off, $rect->bottom + $this->off),
                ];
            }
        }

        return $all;
    }

    /**
     * Places in a round box, in small steps.
     *
     * @param list<float> $xs
     * @return iterable<array{float, float}>
     */
    private static function steps(array $xs, bool $isBound, float $lowest): iterable
    {
        $xs = $isBound || [] === $xs ? $xs : self::everyStep(min($xs), max($xs));
        $ys = self::everyStep(0.0, max(0.0, $lowest));
        foreach ($xs as $x) {
            foreach ($ys as $y) {
                yield [$x, $y];
            }
        }
    }

    /**
     * @return list<float> both ends among them
     */
    private static function everyStep(float $from, float $to): array
    {
        $steps = [];
        for ($step = $from; $step < $to; $step += self::ROUND_STEP) {
            $steps[] = $step;
        }

        return [...$steps, $to];
    }

    /**
     * Small is good: near to its relay, else near to the edge of its own side.
     *
     * @param ?array{float, float} $anchor
     */
    private function cost(Outline $part, float $x, float $y, float $length, float $width, BoxSpace $space, ?array $anchor): float
    {
        if (null !== $anchor) {
            return hypot($x - $anchor[0], $y + $width / 2 - $anchor[1]);
        }

        return (Zone::Low === $part->zone ? $space->length - $x - $length : $x) + 0.01 * $y;
    }

    /**
     * @param list<array{bool, Rect}> $warm
     * @return list<array{bool, Rect}> whether it gets hot, for each that does or that wears out by it
     */
    private static function warmed(array $warm, Outline $part, Rect $whole): array
    {
        return $part->agesWarm || 0.0 < $part->hotWatts ? [...$warm, [0.0 < $part->hotWatts, $whole]] : $warm;
    }

    /**
     * An electrolytic capacitor beside what gets hot is the last choice.
     *
     * @param list<array{bool, Rect}> $warm
     */
    private static function warmth(Outline $part, float $x, float $y, float $length, float $width, array $warm): float
    {
        $isHot = 0.0 < $part->hotWatts;
        foreach ($isHot || $part->agesWarm ? $warm : [] as [$otherIsHot, $rect]) {
            if ($otherIsHot !== $isHot && $rect->distance(new Rect($x, $y, $x + $length, $y + $width)) < BoxPlan::WARM_METRES) {
                return self::LAST_CHOICE;
            }
        }

        return 0.0;
    }

    /**
     * In one piece: what is cheap to refuse comes first, as this is asked for every corner.
     *
     * @param list<array{Rect, list<Rect>, list<Rect>, bool}> $placed
     */
    private function isFree(
        Outline $part,
        float $x,
        float $y,
        int $quarters,
        float $length,
        float $width,
        BoxSpace $space,
        array $placed,
    ): bool {
        $right = $x + $length;
        $bottom = $y + $width;
        $slack = self::SLACK;
        if ($x < -$slack || $y < -$slack || $right > $space->length + $slack || $bottom > $space->width + $slack) {
            return false;
        }
        foreach ($placed as [$rect]) {
            $isBeside = $x >= $rect->right - $slack || $rect->left >= $right - $slack;
            if (!$isBeside && $y < $rect->bottom - $slack && $rect->top < $bottom - $slack) {
                return false;
            }
        }
        $isShort = $this->isShort($part);
        $laid = null;
        if ($space->isRound || ($space->isMetal && [] !== $part->mains)) {
            $laid = new Laid($part, new PlacedAt($x, $y, $quarters));
            if (!$space->holds($part->antenna && !$space->isMetal ? $laid->body : $laid->whole)) {
                return false;
            }
            foreach ($space->isMetal ? $laid->mains : [] as $mains) {
                if ($space->toWall($mains) < $this->plan->apart - $slack) {
                    return false;
                }
            }
        }
        $kept = $this->plan->apart - $slack;
        foreach ($placed as [, $mains, $low, $isChecked]) {
            if ($isShort || $isChecked) {
                $laid ??= new Laid($part, new PlacedAt($x, $y, $quarters));
                if (min(self::nearest($laid->mains, $low), self::nearest($mains, $laid->low)) < $kept) {
                    return false;
                }
            }
        }

        return true;
    }

    /**
     * @param list<Rect> $mains
     * @param list<Rect> $low
     */
    private static function nearest(array $mains, array $low): float
    {
        $least = INF;
        foreach ($mains as $one) {
            foreach ($low as $other) {
                $least = min($least, $one->distance($other));
            }
        }

        return $least;
    }

    /** @return array{float, float} what a part takes up from left to right and from top to bottom */
    private function sides(Outline $part, int $quarters): array
    {
        $length = $this->onGrid($part->reach());
        $width = $this->onGrid($part->width);

        return 0 === $quarters % 2 ? [$length, $width] : [$width, $length];
    }

    private function onGrid(float $metres): float
    {
        return null === $this->grid ? $metres : ceil($metres / $this->grid - self::SLACK) * $this->grid;
    }

    private function downOnGrid(float $metres): float
    {
        return null === $this->grid ? $metres : floor($metres / $this->grid + self::SLACK) * $this->grid;
    }

    /**
     * A part that keeps its place, seen in the turned box.
     *
     * @return array{Rect, list<Rect>, list<Rect>, bool}
     */
    private static function seen(Laid $laid, BoxSpace $turned): array
    {
        $see = static fn(Rect $rect): Rect => self::turnedRect($rect, $turned);

        return [$see($laid->whole), array_map($see, $laid->mains), array_map($see, $laid->low), true];
    }

    private static function turnedRect(Rect $rect, BoxSpace $turned): Rect
    {
        return new Rect($rect->top, $turned->width - $rect->right, $rect->bottom, $turned->width - $rect->left);
    }

    /** From the turned box back into the true one: a quarter clockwise, so that mains lies at the top. */
    private static function turnedBack(Outline $part, PlacedAt $at, BoxSpace $turned): PlacedAt
    {
        $height = 0 === $at->quarters % 2 ? $part->width : $part->reach();

        return new PlacedAt($turned->width - $at->yMetres - $height, $at->xMetres, ($at->quarters + 1) % 4);
    }
}
