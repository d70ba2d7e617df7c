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

    /** @param array<string, string> $pinOf pin here by “part pin” there */
    private function __construct(private OwnNetlist $own, private PartMatch $match, private Barrier $barrier, private array $pinOf) {}

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
        $distances = new self($own, $match, Barrier::of($own->board), $pinOf);

        return [...$distances->unplated($layout), ...$distances->near($layout)];
    }

    /**
     * @return list<LayoutFinding>
     */
    private function unplated(LayoutNetlist $layout): array
    {
        $findings = [];
        $mains = $this->mainsNets();
        foreach ($layout->pads as $pad) {
            $pin = $this->pinOf[$pad->part . ' ' . $pad->pin] ?? null;
            if (0.0 < $pad->hole && !$pad->isPlated && '' !== $pad->net && (isset($mains[$pad->net]) || (null !== $pin && $this->isMains($pin)))) {
                $findings[] = new LayoutFinding(
                    LayoutFault::Unplated,
                    Severity::Weak,
                    sprintf(
                        'The hole of %s is not plated: mains current would go through one face alone, and the pad comes off with the heat.',
                        null === $pin ? 'net ' . $pad->net : $this->own->words($pin),
                    ),
                    null === $pin ? [] : [explode('.', $pin)[0]],
                    null === $pin || !isset($this->own->netOf[$pin]) ? [] : [$this->own->nets[$this->own->netOf[$pin]]->id],
                    rows: [$pad->line],
                    at: null === $pad->x ? null : [$pad->x, $pad->y ?? 0.0],
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
     * Nets there that hold a pin at mains.
     *
     * @return array<string, true>
     */
    private function mainsNets(): array
    {
        $nets = [];
        foreach ($this->match->pins as $pin => $net) {
            if ('' !== $net && $this->own->isAtMains($pin)) {
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
        $mains = $this->mainsNets();
        $low = $live = $earth = [];
        foreach ($layout->pads as $pad) {
            if (null === $pad->x || null === $pad->y) {
                continue;
            }
            $shape = new PadShape($pad->x, $pad->y, $pad->width, $pad->height, $pad->degrees);
            $pin = $this->pinOf[$pad->part . ' ' . $pad->pin] ?? null;
            // What a pin should carry counts: that it carries something else is told as such.
            if (null === $pin ? isset($mains[$pad->net]) : $this->own->isAtMains($pin)) {
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
        $cell = $needed + 2 * $reach;
        $grid = [];
        foreach ($others as $other) {
            $grid[(int) floor($other[1]->x / $cell)][(int) floor($other[1]->y / $cell)][] = $other;
        }
        $found = [];
        foreach ($ones as [$pad, $shape]) {
            [$column, $row] = [(int) floor($shape->x / $cell), (int) floor($shape->y / $cell)];
            for ($x = $column - 1; $x <= $column + 1; ++$x) {
                for ($y = $row - 1; $y <= $row + 1; ++$y) {
                    foreach ($grid[$x][$y] ?? [] as [$other, $otherShape]) {
                        $isOne = $pad === $other || ('' !== $pad->net && $pad->net === $other->net)
                            || ($bothLive && '' !== $pad->part && $pad->part === $other->part);
                        if ($isOne || !$pad->face->meets($other->face)) {
                            continue;
                        }
                        $apart = hypot($shape->x - $otherShape->x, $shape->y - $otherShape->y) - $shape->reach - $otherShape->reach;
                        if ($apart >= $needed - self::ROUNDING_METRES) {
                            continue;
                        }
                        $metres = $shape->distance($otherShape);
                        $key = self::key($pad, $other);
                        if ($metres < $needed - self::ROUNDING_METRES && $metres < ($found[$key][2] ?? INF)) {
                            $found[$key] = [$pad, $other, $metres, $bothLive];
                        }
                    }
                }
            }
        }

        return $found;
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
        $words = function (Pad $pad): string {
            $pin = $this->pinOf[$pad->part . ' ' . $pad->pin] ?? null;

            return null === $pin ? sprintf('%s on “%s”', '' === $pad->part ? 'a via' : $pad->part . ' ' . $pad->pin, $pad->net) : $this->own->words($pin);
        };
        $needed = $bothLive ? $this->barrier->basic : $this->barrier->kept;
        $parts = array_values(array_unique(array_filter([
            $this->match->parts[$one->part] ?? '',
            $this->match->parts[$other->part] ?? '',
        ], static fn(string $part): bool => '' !== $part)));
        $nets = array_map(
            fn(Pad $pad): string => $this->own->net($this->pinOf[$pad->part . ' ' . $pad->pin] ?? '')->id ?? '',
            [$one, $other],
        );

        return new LayoutFinding(
            LayoutFault::TooNear,
            $bothLive || $metres >= $this->barrier->needed ? Severity::Weak : Severity::Danger,
            sprintf(
                'The pads of %s and %s %s%s: %s.%s',
                $words($one),
                $words($other),
                0.0 === $metres ? 'touch' : sprintf('are %s apart', QuantityPrinter::rounded($metres, Unit::Metre)),
                Face::Both === $one->face || Face::Both === $other->face ? '' : ' on one face',
                $bothLive
                    ? sprintf('between two nets at mains %s are wanted', QuantityPrinter::rounded($needed, Unit::Metre))
                    : sprintf(
                        'between mains and low voltage %s are wanted%s',
                        QuantityPrinter::rounded($needed, Unit::Metre),
                        $this->barrier->kept > $this->barrier->needed ? ', as you have promised' : '',
                    ),
                1 === count($parts) && $one->part === $other->part ? ' They belong to one part: smaller pads, or a slot between them.' : '',
            ),
            $parts,
            array_values(array_filter($nets, static fn(string $net): bool => '' !== $net)),
            rows: [$one->line, $other->line],
            at: [$one->x ?? 0.0, $one->y ?? 0.0],
        );
    }
}
