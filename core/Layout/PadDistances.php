<?php

declare(strict_types=1);

namespace IronLatch\Core\Layout;

use IronLatch\Core\Build\Fit\Barrier;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Review\Severity;
use IronLatch\Core\Wiring\NetKind;

/**
 * Distances between pads of mains and all others, on each face by itself; what is plated through has copper on both. Tracks are not in the
 * file. Two pads of one part at mains, such as the contacts of a relay, are the part’s own matter; its mains and low-voltage pads are not.
 */
final readonly class PadDistances
{
    /** Rounding of the file: ten-thousandths of an inch, each way. */
    private const ROUNDING_METRES = 3e-6;
    /** A board of relays takes some ten thousand. */
    private const MOST_PAIRS = 2_000_000;

    /**
     * @param array<string, string> $pinOf pin here by “part pin” there
     * @param array<string, true> $mains nets there that hold a pin at mains
     */
    private function __construct(
        private OwnNetlist $own,
        private PartMatch $match,
        private Barrier $barrier,
        private array $pinOf,
        private array $mains,
    ) {}

    /**
     * @return list<LayoutFinding>
     */
    public static function of(OwnNetlist $own, LayoutNetlist $layout, PartMatch $match): array
    {
        $pinOf = [];
        foreach ($match->pads as $pin => $pads) {
            foreach ($pads as $pad) {
                $pinOf[$pad->part . ' ' . $pad->pin] = $pin;
            }
        }
        $distances = new self($own, $match, Barrier::of($own->board), $pinOf, self::mainsNets($own, $match));

        return [...$distances->unplated($layout), ...$distances->near($layout)];
    }

    /**
     * @return list<LayoutFinding>
     */
    private function unplated(LayoutNetlist $layout): array
    {
        $findings = [];
        foreach ($layout->pads as $pad) {
            if (0.0 === $pad->hole || $pad->isPlated || '' === $pad->net) {
                continue;
            }
            $pin = $this->pin($pad);
            if (null === $pin ? isset($this->mains[$pad->net]) : $this->isMains($pin)) {
                $findings[] = new LayoutFinding(
                    LayoutFault::Unplated,
                    Severity::Weak,
                    sprintf(
                        'The hole of %s is not plated: mains current would go through one face alone, and the pad comes off with the heat.',
                        $this->words($pad),
                    ),
                    null === $pin ? [] : [OwnNetlist::part($pin)],
                    array_filter([$this->own->net($pin ?? '')->id ?? ''], static fn(string $net): bool => '' !== $net),
                    rows: [$pad->line],
                );
            }
        }

        return $findings;
    }

    private function isMains(string $pin): bool
    {
        return $this->own->isAtMains($pin) || true === $this->own->net($pin)?->kind->isMains();
    }

    /**
     * @return array<string, true>
     */
    private static function mainsNets(OwnNetlist $own, PartMatch $match): array
    {
        $nets = [];
        foreach ($match->pins as $pin => $net) {
            if ('' !== $net && $own->isAtMains($pin)) {
                $nets[$net] = true;
            }
        }

        return $nets;
    }

    /**
     * One finding for each two parts that come too near, at the place where they come nearest.
     *
     * @return list<LayoutFinding>
     */
    private function near(LayoutNetlist $layout): array
    {
        $low = $live = $earth = [];
        foreach ($layout->pads as $pad) {
            if (null === $pad->x || null === $pad->y) {
                continue;
            }
            // Of a pad whose size is not said the hole at least is there.
            $shape = new PadShape($pad->x, $pad->y, max($pad->width, $pad->hole), $pad->height, $pad->degrees);
            $pin = $this->pin($pad);
            // What a pin should carry counts: that it carries something else is told as such.
            if (null === $pin ? isset($this->mains[$pad->net]) : $this->own->isAtMains($pin)) {
                $live[] = [$pad, $shape];
            } elseif (null !== $pin && NetKind::Earth === $this->own->net($pin)?->kind) {
                $earth[] = [$pad, $shape];
            } elseif ('' !== $pad->net) {
                $low[] = [$pad, $shape];
            }
        }
        $found = $this->pairs($live, $low, $this->barrier->kept, false)
            + $this->pairs($live, [...$live, ...$earth], $this->barrier->basic, true);
        usort($found, static fn(array $one, array $other): int => $one[2] <=> $other[2]);

        return array_map(fn(array $pair): LayoutFinding => $this->finding(...$pair), $found);
    }

    /**
     * @param list<array{Pad, PadShape}> $ones
     * @param list<array{Pad, PadShape}> $others
     * @return array<string, array{Pad, Pad, float, bool}> nearest pads of each two parts
     */
    private function pairs(array $ones, array $others, float $needed, bool $bothLive): array
    {
        $reach = max([0.0, ...array_map(static fn(array $one): float => $one[1]->reach, [...$ones, ...$others])]);
        $grid = new PadGrid($others, $needed, $reach);
        $limit = $needed - self::ROUNDING_METRES;
        $found = [];
        $tried = 0;
        foreach ($ones as [$pad, $shape]) {
            foreach ($grid->around($shape) as [$other, $otherShape]) {
                if (++$tried > self::MOST_PAIRS) {
                    throw new Unreadable('Its pads at mains lie too close together to be measured one by one: it is of another board, or '
                        . 'its unit is not what its line “P  UNITS” says.');
                }
                $isFar = hypot($shape->x - $otherShape->x, $shape->y - $otherShape->y) - $shape->reach - $otherShape->reach >= $limit;
                if ($isFar || !$this->mustKeepApart($pad, $other, $bothLive)) {
                    continue;
                }
                $metres = $shape->distance($otherShape);
                $key = self::key($pad, $other);
                if ($metres < $limit && $metres < ($found[$key][2] ?? INF)) {
                    $found[$key] = [$pad, $other, $metres, $bothLive];
                }
            }
        }

        return $found;
    }

    /** Pads of one net need not, nor do contacts of one part. */
    private function mustKeepApart(Pad $pad, Pad $other, bool $bothLive): bool
    {
        $isOneNet = $pad === $other || ('' !== $pad->net && $pad->net === $other->net);
        $isOnePart = $bothLive && '' !== $pad->part && $pad->part === $other->part;

        return !$isOneNet && !$isOnePart && $pad->face->meets($other->face);
    }

    /** Two parts that come too near to one another are one finding, however many pads they have. */
    private static function key(Pad $one, Pad $other): string
    {
        $names = array_map(static fn(Pad $pad): string => '' === $pad->part ? 'net ' . $pad->net : $pad->part, [$one, $other]);
        sort($names);

        return implode("\n", $names);
    }

    private function finding(Pad $one, Pad $other, float $metres, bool $bothLive): LayoutFinding
    {
        $parts = array_values(array_unique(array_filter(
            [$this->match->parts[$one->part] ?? '', $this->match->parts[$other->part] ?? ''],
            static fn(string $part): bool => '' !== $part,
        )));
        $nets = array_map(fn(Pad $pad): string => $this->own->net($this->pin($pad) ?? '')->id ?? '', [$one, $other]);

        return new LayoutFinding(
            LayoutFault::TooNear,
            $bothLive || $metres >= $this->barrier->needed ? Severity::Weak : Severity::Danger,
            sprintf(
                'The pads of %s and %s %s%s: %s.%s',
                $this->words($one),
                $this->words($other),
                0.0 === $metres ? 'touch' : sprintf('are %s apart', QuantityPrinter::rounded($metres, Unit::Metre)),
                $one->isSurface() && $other->isSurface() ? ' on one face' : '',
                $this->wanted($bothLive),
                1 === count($parts) && $one->part === $other->part ? ' They belong to one part: smaller pads, or a slot between them.' : '',
            ),
            $parts,
            array_values(array_filter($nets, static fn(string $net): bool => '' !== $net)),
            rows: [$one->line, $other->line],
        );
    }

    private function wanted(bool $bothLive): string
    {
        return sprintf(
            'between %s %s are wanted%s',
            $bothLive ? 'two nets at mains' : 'mains and low voltage',
            QuantityPrinter::rounded($bothLive ? $this->barrier->basic : $this->barrier->kept, Unit::Metre),
            !$bothLive && $this->barrier->kept > $this->barrier->needed ? ', as you have promised' : '',
        );
    }

    private function pin(Pad $pad): ?string
    {
        return $this->pinOf[$pad->part . ' ' . $pad->pin] ?? null;
    }

    private function words(Pad $pad): string
    {
        $pin = $this->pin($pad);
        $named = '' === $pad->part ? 'a via' : $pad->part . ' ' . $pad->pin;

        return null === $pin ? sprintf('%s on “%s”', $named, $pad->net) : $this->own->words($pin);
    }
}
