<?php

declare(strict_types=1);

namespace IronLatch\Core\Brief;

use IronLatch\Core\Board\Brief;
use IronLatch\Core\Board\Edit\Build\ChooseEnclosure;
use IronLatch\Core\Board\Edit\Build\PlaceParts;
use IronLatch\Core\Board\Home;
use IronLatch\Core\Build\Fit\BoxPlan;
use IronLatch\Core\Build\Fit\BoxSpace;
use IronLatch\Core\Build\Fit\Outline;
use IronLatch\Core\Build\Fit\Placer;
use IronLatch\Core\Catalogue\Catalogue;
use IronLatch\Core\Catalogue\Enclosure;
use IronLatch\Core\Catalogue\Standing;

/** Finds the smallest box of the catalogue that holds all of it, and a place for every part. */
final readonly class Boxing
{
    /** Parts with the room before their terminals never cover more of a floor in practice: no layout is looked for then. */
    private const MOST_COVERED = 0.95;

    public function __construct(private Brief $brief, private Catalogue $catalogue) {}

    /**
     * @param BoxPlan $plan its parts, in no box yet
     * @return array{Drafting, string} the board in its box, and what is given up for it
     */
    public function boxed(Drafting $drafting, BoxPlan $plan): array
    {
        $home = $this->brief->home?->value;
        $standing = $home instanceof Home ? $home->standing() : Standing::ByItself;
        foreach (Standing::ByItself === $standing ? [$standing] : [$standing, Standing::ByItself] as $one) {
            foreach ($this->boxes($one) as $box) {
                $boxed = $this->inside($drafting, $plan, $box);
                if (null !== $boxed) {
                    return [
                        $boxed,
                        $one === $standing ? '' : sprintf('not %s: no such box of the catalogue holds it', $home->value ?? ''),
                    ];
                }
            }
        }

        return [$drafting, 'no box of the catalogue holds it'];
    }

    private function inside(Drafting $drafting, BoxPlan $plan, Enclosure $box): ?Drafting
    {
        $layout = $plan->within(BoxSpace::in($box));
        $places = self::mayHold($layout) ? (new Placer($layout))->places() : null;

        return null === $places ? null : $drafting
            ->tried(new ChooseEnclosure($box), sprintf('it goes into: %s', Words::inText($box->identity->name)))
            ->tried(new PlaceParts($places));
    }

    private static function mayHold(BoxPlan $plan): bool
    {
        $floor = null === $plan->space ? 0.0 : $plan->space->length * $plan->space->width;
        $covered = array_sum(array_map(static fn(Outline $part): float => $part->reach() * $part->width, $plan->parts));

        return [] === $plan->tooHigh() && $covered <= self::MOST_COVERED * $floor;
    }

    /**
     * @return list<Enclosure> the smallest first
     */
    private function boxes(Standing $standing): array
    {
        $boxes = array_values(array_filter(
            $this->catalogue->parts(Enclosure::class),
            static fn(Enclosure $box): bool => $box->standing === $standing,
        ));
        $volume = static fn(Enclosure $box): float => $box->size->lengthMetres * $box->size->widthMetres * $box->size->heightMetres;
        usort($boxes, static fn(Enclosure $a, Enclosure $b): int => $volume($a) <=> $volume($b));

        return $boxes;
    }
}
