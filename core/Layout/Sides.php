<?php

declare(strict_types=1);

namespace IronLatch\Core\Layout;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\BuildForm;
use IronLatch\Core\Catalogue\Assembler;
use IronLatch\Core\Review\Severity;

/** On which faces the parts lie that a machine places, against what the assembler takes. */
final class Sides
{
    /**
     * @param array<string, Face> $faces by designator
     * @param array<string, list<int>> $rows of the file, by designator
     * @return list<LayoutFinding>
     */
    public static function of(Board $board, array $faces, array $rows): array
    {
        $terms = null === $board->build->assembler ? null : $board->part($board->build->assembler, Assembler::class);
        $on = static fn(Face $face): array => array_map(strval(...), array_keys($faces, $face, true));
        [$top, $bottom] = [$on(Face::Top), $on(Face::Bottom)];
        if (BuildForm::Assembled !== $board->build->form() || true === $terms?->bothSides || [] === $top || [] === $bottom) {
            return [];
        }
        $fewer = count($bottom) <= count($top) ? $bottom : $top;

        return [new LayoutFinding(
            LayoutFault::BothSides,
            null === $terms ? Severity::Weak : Severity::Broken,
            sprintf(
                '%s %s on the %s, all other parts on the other face: %s.',
                implode(', ', $fewer),
                1 === count($fewer) ? 'lies' : 'lie',
                $fewer === $bottom ? 'bottom' : 'top',
                null === $terms
                    ? 'the usual terms take one face alone, and no assembler is stated'
                    : sprintf('“%s” places parts on one face', $terms->identity->name),
            ),
            $fewer,
            rows: array_merge([], ...array_map(static fn(string $part): array => $rows[$part] ?? [], $fewer)),
        )];
    }

    /**
     * @return list<LayoutFinding>
     */
    public static function ofPads(OwnNetlist $own, PartMatch $match): array
    {
        $faces = $rows = [];
        foreach ($match->pads as $pin => $pads) {
            $part = OwnNetlist::part($pin);
            foreach ($pads as $pad) {
                if ($pad->isSurface()) {
                    $faces[$part] = $pad->face;
                    $rows[$part][] = $pad->line;
                }
            }
        }

        return self::of($own->board, $faces, $rows);
    }
}
