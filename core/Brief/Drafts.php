<?php

declare(strict_types=1);

namespace IronLatch\Core\Brief;

use IronLatch\Core\Build\Currency;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;

/** Drafts side by side: the best of each kind, those that no other beats in everything, and why the rest is not there. */
final readonly class Drafts
{
    /**
     * @param list<DraftFigures> $all in the order of their rank
     * @param array<string, string> $leftOut reason by the name of the carrier
     */
    private function __construct(public array $all, public array $leftOut, private Currency $currency) {}

    /**
     * @param list<DraftFigures> $drafts
     * @param array<string, string> $leftOut
     */
    public static function of(array $drafts, array $leftOut, Currency $currency = new Currency()): self
    {
        usort($drafts, static fn(DraftFigures $a, DraftFigures $b): int => $a->rank() <=> $b->rank());

        return new self($drafts, $leftOut, $currency);
    }

    /**
     * Of what was worked out, in the order of the space.
     *
     * @param list<Draft|DraftFigures|string> $found a reason where no board came of it
     */
    public static function found(ChoiceSpace $space, array $found, Currency $currency = new Currency()): self
    {
        $figures = [];
        $leftOut = $space->leftOut;
        foreach ($found as $place => $one) {
            if (is_string($one)) {
                $leftOut[$space->all[$place]->carrier->identity->name] = $one;
            } else {
                $figures[] = $one instanceof Draft ? $one->figures : $one;
            }
        }

        return self::of($figures, $leftOut, $currency);
    }

    /**
     * Those that may be taken: without danger and without anything broken; only where there is none such, the others.
     *
     * @return list<DraftFigures> in the order of their rank
     */
    public function offered(): array
    {
        $sound = array_values(array_filter($this->all, static fn(DraftFigures $draft): bool => $draft->isSound()));

        return [] === $sound ? $this->all : $sound;
    }

    /** Why nothing sound is there; empty where something is. */
    public function whyNoneIsSound(): string
    {
        $first = $this->all[0] ?? null;

        return match (true) {
            null === $first => 'No board comes of this. ' . implode('; ', array_unique(array_values($this->leftOut))) . '.',
            $first->isSound() => '',
            default => 'No draft is free of danger and of what will not work. The best of them: ' . $first->firstFault,
        };
    }

    /**
     * The best of each kind; one that is best in several ways stands once, with all of them.
     *
     * @return list<array{DraftFigures, list<DraftKind>}> in the order of their rank
     */
    public function byKind(bool $hasDrawer): array
    {
        $chosen = $kinds = [];
        $offered = $this->offered();
        foreach ([] === $offered ? [] : DraftKind::cases() as $kind) {
            if (DraftKind::FromDrawer === $kind && !$hasDrawer) {
                continue;
            }
            $best = $offered[0];
            foreach ($offered as $draft) {
                $best = [$draft->weak, $kind->measure($draft)] < [$best->weak, $kind->measure($best)] ? $draft : $best;
            }
            $chosen[$best->choices] = $best;
            $kinds[$best->choices][] = $kind;
        }
        $cards = array_map(
            fn(DraftFigures $draft): array => [$this->givingUp($draft, $chosen), $kinds[$draft->choices]],
            array_values($chosen),
        );
        usort($cards, static fn(array $a, array $b): int => $a[0]->rank() <=> $b[0]->rank());

        return $cards;
    }

    /**
     * What the best in each way has, and this one has not.
     *
     * @param array<string, DraftFigures> $chosen
     */
    private function givingUp(DraftFigures $draft, array $chosen): DraftFigures
    {
        $euros = $joints = $pins = $area = 0.0;
        foreach ($chosen as $other) {
            $euros = max($euros, $draft->costs() - $other->costs());
            $joints = max($joints, $draft->joints - $other->joints);
            $pins = max($pins, $other->freePins - $draft->freePins);
            $area = max($area, $draft->squareMetres - $other->squareMetres);
        }

        return $draft->givingUp(array_values(array_filter([
            $euros >= 0.01 ? sprintf('%s to the cheapest', $this->currency->printed($euros)) : '',
            $joints > 0 ? sprintf('%d joints to the least work', $joints) : '',
            $pins > 0 ? sprintf('%d free pins to the roomiest', $pins) : '',
            $area > 1e-4 ? sprintf('%s to the smallest', self::area($area)) : '',
        ], static fn(string $one): bool => '' !== $one)));
    }

    public static function area(float $squareMetres): string
    {
        return sprintf('%.0f cm²', $squareMetres * 1e4);
    }

    /**
     * Those that none beats in cost, worst margin and size at once.
     *
     * @return list<string> ids of their choices
     */
    public function front(): array
    {
        $offered = $this->offered();
        $isBeaten = static function (DraftFigures $draft) use ($offered): bool {
            foreach ($offered as $other) {
                $isNoWorse = $other->costs() <= $draft->costs()
                    && $other->worstMargin >= $draft->worstMargin
                    && $other->squareMetres <= $draft->squareMetres;
                $isBetter = $other->costs() < $draft->costs()
                    || $other->worstMargin > $draft->worstMargin
                    || $other->squareMetres < $draft->squareMetres;
                if ($isNoWorse && $isBetter) {
                    return true;
                }
            }

            return false;
        };

        return array_values(array_map(
            static fn(DraftFigures $draft): string => $draft->choices,
            array_filter($offered, static fn(DraftFigures $draft): bool => !$isBeaten($draft)),
        ));
    }

    public function named(string $choices): ?DraftFigures
    {
        foreach ($this->all as $draft) {
            if ($draft->choices === $choices) {
                return $draft;
            }
        }

        return null;
    }

    /**
     * Why a controller has no card: the first thing that fails there, or what the others do better.
     *
     * @return array<string, string> by the name of the carrier
     */
    public function whyNot(bool $hasDrawer): array
    {
        $shown = array_map(static fn(array $card): string => $card[0]->carrier, $this->byKind($hasDrawer));
        $first = $this->offered()[0] ?? null;
        $drafted = array_map(static fn(DraftFigures $draft): string => $draft->carrier, $this->all);
        $reasons = array_diff_key($this->leftOut, array_flip($drafted));
        foreach ($this->all as $draft) {
            if (null !== $first && !in_array($draft->carrier, $shown, true) && !isset($reasons[$draft->carrier])) {
                $reasons[$draft->carrier] = $this->worse($draft, $first);
            }
        }

        return $reasons;
    }

    private function worse(DraftFigures $draft, DraftFigures $first): string
    {
        return match (true) {
            $draft->faults > $first->faults, $draft->weak > $first->weak => $draft->firstFault,
            $draft->marginBand() > $first->marginBand() => sprintf(
                'its worst margin is %s (%s)',
                QuantityPrinter::rounded($draft->worstMargin, Unit::Ratio),
                $draft->worstOf,
            ),
            count($draft->missed) > count($first->missed) => implode(', ', $draft->missed),
            $draft->costs() > $first->costs() => sprintf(
                'it costs %s more',
                QuantityPrinter::rounded($draft->costs() - $first->costs(), Unit::Euro),
            ),
            default => 'another one is as good, and smaller or less work',
        };
    }
}
