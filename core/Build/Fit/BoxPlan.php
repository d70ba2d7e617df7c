<?php

declare(strict_types=1);

namespace IronLatch\Core\Build\Fit;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\BuildForm;
use IronLatch\Core\Board\PlacedAt;
use IronLatch\Core\Wiring\Connections;

/** What is to lie in the box, what keeps it apart, and where it lies so far. */
final readonly class BoxPlan
{
    /** Least distance of a part that gets hot from an electrolytic capacitor (common practice, no source). */
    public const WARM_METRES = 10e-3;
    /** Holes of a perforated board. */
    public const GRID_METRES = 2.54e-3;

    /** @var array<string, Laid> by designator */
    public array $laid;

    /**
     * @param array<string, Outline> $parts by designator
     * @param ?BoxSpace $space null while nobody has said how large the box is
     * @param float $apart metres that mains metal and low-voltage metal are to keep, over the surface and through air
     * @param array<string, PlacedAt> $places
     * @param ?float $needed metres that the tables ask for; as many as are to be kept while they are not known
     */
    public function __construct(
        public array $parts,
        public ?BoxSpace $space,
        public float $apart,
        array $places,
        public ?BuildForm $form = null,
        private ?float $needed = null,
    ) {
        $laid = [];
        foreach (array_intersect_key($places, $parts) as $id => $at) {
            $laid[$id] = new Laid($parts[$id], $at);
        }
        $this->laid = $laid;
    }

    /**
     * @param array<string, float> $heat watts by subject
     */
    public static function of(Board $board, Connections $connections, array $heat = []): ?self
    {
        $form = $board->build->form();
        if (null === $form) {
            return null;
        }

        $barrier = Barrier::of($board);

        return new self(
            (new Outlines($board, $connections, $form, $heat))->all(),
            BoxSpace::of($board),
            $barrier->kept,
            $board->build->places,
            $form,
            $barrier->needed,
        );
    }

    /** The same parts in another box, with nothing laid down yet. */
    public function within(BoxSpace $space): self
    {
        return new self($this->parts, $space, $this->apart, [], $this->form, $this->needed);
    }

    /** Metres that the tables ask for. */
    public function needed(): float
    {
        return $this->needed ?? $this->apart;
    }

    /** @return list<string> designators without a place */
    public function unplaced(): array
    {
        return array_map(strval(...), array_keys(array_diff_key($this->parts, $this->laid)));
    }

    /** Around all bodies; null while none is placed. What stays free before terminals and antennas lies outside of the board. */
    public function board(): ?Rect
    {
        $bodies = array_values(array_map(static fn(Laid $laid): Rect => $laid->body, $this->laid));

        return [] === $bodies ? null : Rect::around($bodies);
    }

    /** @return list<Laid> that reach out of the box */
    public function outside(): array
    {
        return null === $this->space ? [] : array_values(array_filter($this->laid, fn(Laid $laid): bool => !$this->isInside($laid)));
    }

    /** A plastic wall does not trouble an antenna: what stays free before it may lie beyond. */
    private function isInside(Laid $laid): bool
    {
        return null === $this->space || $this->space->holds($laid->part->antenna && !$this->space->isMetal ? $laid->body : $laid->whole);
    }

    /** @return list<array{Laid, Laid}> that lie upon one another */
    public function overlapping(): array
    {
        $pairs = [];
        foreach ($this->pairs() as [$one, $other]) {
            if ($one->whole->overlaps($other->whole)) {
                $pairs[] = [$one, $other];
            }
        }

        return $pairs;
    }

    /** @return list<array{Laid, Laid, float}> mains metal nearer to low-voltage metal of another part than it may be, nearest first */
    public function tooNear(): array
    {
        $pairs = [];
        foreach ($this->pairs() as [$one, $other]) {
            $metres = $one->mainsToLow($other);
            if ($metres < $this->apart - 1e-9) {
                $pairs[] = [$one, $other, $metres];
            }
        }
        usort($pairs, static fn(array $one, array $other): int => $one[2] <=> $other[2]);

        return $pairs;
    }

    /** The shortest way between mains metal and low-voltage metal of different parts; without end where there is none. */
    public function nearest(): float
    {
        $least = INF;
        foreach ($this->pairs() as [$one, $other]) {
            $least = min($least, $one->mainsToLow($other));
        }

        return $least;
    }

    /** @return iterable<array{Laid, Laid}> each two of the laid parts once */
    private function pairs(): iterable
    {
        $all = array_values($this->laid);
        foreach ($all as $i => $one) {
            foreach (array_slice($all, $i + 1) as $other) {
                yield [$one, $other];
            }
        }
    }

    /** @return list<array{Outline, float}> higher than the box is inside, and by how much */
    public function tooHigh(): array
    {
        $high = [];
        $most = $this->space->height ?? INF;
        foreach ($this->parts as $part) {
            if ($part->height > $most + 1e-9) {
                $high[] = [$part, $part->height - $most];
            }
        }
        usort($high, static fn(array $one, array $other): int => $other[1] <=> $one[1]);

        return $high;
    }

    /** @return list<Outline> longer or wider than the box is inside, however they are turned */
    public function tooLong(): array
    {
        $space = $this->space;

        return null === $space ? [] : array_values(array_filter($this->parts, static function (Outline $part) use ($space): bool {
            $length = $part->antenna && !$space->isMetal ? $part->length : $part->reach();
            $middle = static fn(float $long, float $wide): Rect => new Rect(
                ($space->length - $long) / 2,
                ($space->width - $wide) / 2,
                ($space->length + $long) / 2,
                ($space->width + $wide) / 2,
            );

            return !$space->holds($middle($length, $part->width)) && !$space->holds($middle($part->width, $length));
        }));
    }

    /** Square metres that all bodies cover together. */
    public function squareMetres(): float
    {
        return array_sum(array_map(static fn(Outline $part): float => $part->length * $part->width, $this->parts));
    }

    /** @return list<Laid> mains metal nearer to a metal wall than it may be */
    public function atTheWall(): array
    {
        $space = $this->space;
        if (null === $space || !$space->isMetal) {
            return [];
        }

        return array_values(array_filter($this->laid, fn(Laid $laid): bool => [] !== array_filter(
            $laid->mains,
            fn(Rect $mains): bool => $space->toWall($mains) < $this->apart - 1e-9,
        )));
    }

    /** @return list<array{Laid, Laid, float}> a part that gets hot beside an electrolytic capacitor, with the way between them */
    public function warmed(): array
    {
        $pairs = [];
        foreach ($this->laid as $hot) {
            foreach (0.0 < $hot->part->hotWatts ? $this->laid : [] as $cool) {
                $metres = $hot->body->distance($cool->body);
                if ($cool->part->agesWarm && $metres < self::WARM_METRES - 1e-9) {
                    $pairs[] = [$hot, $cool, $metres];
                }
            }
        }

        return $pairs;
    }

    /** Whether one straight line, upright or level, has all mains metal on its one side and all low-voltage metal on the other. */
    public function isParted(): bool
    {
        return null !== $this->barrier();
    }

    /**
     * The free strip between the two sides; null where they lie mixed, or where one of them is empty.
     */
    public function barrier(): ?Rect
    {
        $mains = array_merge([], ...array_map(static fn(Laid $laid): array => $laid->mains, array_values($this->laid)));
        $low = array_merge([], ...array_map(static fn(Laid $laid): array => $laid->low, array_values($this->laid)));
        if ([] === $mains || [] === $low) {
            return null;
        }
        $mains = Rect::around($mains);
        $low = Rect::around($low);
        $top = min($mains->top, $low->top);
        $bottom = max($mains->bottom, $low->bottom);
        $left = min($mains->left, $low->left);
        $right = max($mains->right, $low->right);

        return match (true) {
            $mains->right < $low->left => new Rect($mains->right, $top, $low->left, $bottom),
            $low->right < $mains->left => new Rect($low->right, $top, $mains->left, $bottom),
            $mains->bottom < $low->top => new Rect($left, $mains->bottom, $right, $low->top),
            $low->bottom < $mains->top => new Rect($left, $low->bottom, $right, $mains->top),
            default => null,
        };
    }

    /** @return list<array{Laid, Laid}> whose wires or antenna look at another part instead of out of the box, with that part */
    public function shutIn(): array
    {
        $pairs = [];
        foreach ($this->laid as $laid) {
            $view = $laid->view();
            foreach ($laid->part->atEdge ? $this->laid : [] as $other) {
                if ($other !== $laid && $view->overlaps($other->body)) {
                    $pairs[] = [$laid, $other];
                    break;
                }
            }
        }

        return $pairs;
    }
}
