<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Board;

use IronLatch\Core\Board\Edit\Build\ChooseEnclosure;
use IronLatch\Core\Board\Edit\Build\PlaceParts;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Power\ChooseSupply;
use IronLatch\Core\Board\Edit\Sequence;
use IronLatch\Core\Build\Fit\Outline;
use IronLatch\Core\Build\Fit\Placer;
use IronLatch\Core\Catalogue\Enclosure;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Catalogue\SupplyForm;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Repairs;

/** What the rules about the plan propose: lay it out anew, take a smaller supply, take another box. */
final class Layouts
{
    /** Boxes that are tried, the smallest first. */
    private const MOST_BOXES = 6;

    /**
     * @return list<Remedy> the least change first
     */
    public static function remedies(Inspection $inspection): array
    {
        $layout = $inspection->layout();
        if (null === $layout || null === $layout->space) {
            return [];
        }
        $remedies = [];
        if ([] !== $layout->unplaced()) {
            $rest = (new Placer($layout))->places($inspection->board->build->places);
            if (null !== $rest && [] !== $inspection->board->build->places) {
                $remedies[] = new Remedy('Place the rest where it fits, and leave what lies there', new PlaceParts($rest));
            }
        }
        $places = (new Placer($layout))->places();
        if (null !== $places) {
            $words = [] === $layout->laid ? 'Place all %d parts' : 'Place all %d parts anew';

            return [...$remedies, new Remedy(sprintf($words, count($places)), new PlaceParts($places))];
        }

        return [...$remedies, ...self::smaller($inspection), ...self::larger($inspection)];
    }

    /**
     * A smaller supply with which all of it fits.
     *
     * @return list<Remedy>
     */
    private static function smaller(Inspection $inspection): array
    {
        $remedies = [];
        foreach (array_keys($inspection->board->rails) as $rail) {
            $present = $inspection->board->source($rail);
            if (!$present instanceof Supply || SupplyForm::EncapsulatedModule !== $present->form) {
                continue;
            }
            foreach (Repairs::of($inspection)->partsOnOffer(Supply::class) as $supply) {
                $needed = $inspection->power->rails[$rail]->continuous->value / $inspection->board->houseRules->supplyLoad;
                $isSmaller = $supply->isOfTheKindOf($present)
                    && ($supply->size?->cubicMetres() ?? INF) < ($present->size?->cubicMetres() ?? 0.0)
                    && $supply->ratedAmps >= $needed;
                $edit = $isSmaller ? self::laidOut($inspection, new ChooseSupply($rail, $supply)) : null;
                if (null !== $edit) {
                    $remedies[] = new Remedy(
                        sprintf('Take %s instead of %s, and place all anew', $supply->identity->name, $present->identity->name),
                        $edit,
                    );
                }
            }
        }

        return $remedies;
    }

    /**
     * The least other box in which all of it fits.
     *
     * @return list<Remedy> at most one
     */
    private static function larger(Inspection $inspection): array
    {
        $layout = $inspection->layout();
        $area = $layout?->squareMetres() ?? 0.0;
        $height = max([0.0, ...array_values(array_map(static fn(Outline $part): float => $part->height, $layout->parts ?? []))]);
        $boxes = array_filter(
            Repairs::of($inspection)->partsOnOffer(Enclosure::class),
            static fn(Enclosure $box): bool => !$box->metal
                && $box->size->lengthMetres * $box->size->widthMetres > $area
                && $box->size->heightMetres >= $height,
        );
        usort($boxes, static fn(Enclosure $one, Enclosure $other): int => $one->size->cubicMetres() <=> $other->size->cubicMetres());
        foreach (array_slice($boxes, 0, self::MOST_BOXES) as $box) {
            $edit = self::laidOut($inspection, new ChooseEnclosure($box));
            if (null !== $edit) {
                return [new Remedy(sprintf('Take the box “%s”, and place all anew', $box->identity->name), $edit)];
            }
        }

        return [];
    }

    /** An edit followed by a layout of all parts; null where it is refused or nothing fits then either. */
    private static function laidOut(Inspection $inspection, Edit $edit): ?Edit
    {
        try {
            $board = $edit->apply($inspection->board);
        } catch (EditRefused) {
            return null;
        }
        $layout = (new Inspection($board, $inspection->catalogue, $inspection->prices))->layout();
        $places = null === $layout ? null : (new Placer($layout))->places();

        return null === $places ? null : new Sequence($edit->summary($inspection->board), [$edit, new PlaceParts($places)]);
    }
}
