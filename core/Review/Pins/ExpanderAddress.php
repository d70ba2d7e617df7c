<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Pins;

use IronLatch\Core\Board\Edit\Controller\ReplaceExpander;
use IronLatch\Core\Board\Edit\Controller\SetExpander;
use IronLatch\Core\Board\FittedExpander;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\Expander;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Repairs;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Address that two expanders share, or that the variant does not have. */
final class ExpanderAddress implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'pins.expander-address',
            version: 1,
            title: 'Expander address that cannot be',
            severities: [Severity::Broken],
            reason: 'Two expanders on one address answer together, and a variant has addresses of its own: the A variant of an 8-bit '
                . 'expander does not answer where the plain one does.',
            threshold: 'every I2C expander on an address of its own among those of its variant',
            basis: Basis::DataSheet,
            source: 'addresses of the expander’s part file',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $taken = [];
        foreach ($inspection->board->expanders as $id => $fitted) {
            $expander = $inspection->board->expander($fitted);
            if (!$expander->kind->isOnI2c()) {
                continue;
            }
            $remedies = static fn(): array => self::remedies($inspection, $id, $fitted, $expander);
            $first = $taken[$fitted->bus][$fitted->address] ?? null;
            $taken[$fitted->bus][$fitted->address] ??= $id;
            if (!$expander->hasAddress($fitted->address)) {
                yield new Finding(
                    $this->facts(),
                    Severity::Broken,
                    $id,
                    sprintf(
                        '“%s” is set to 0x%02X; the %s has 0x%02X to 0x%02X.',
                        $fitted->name,
                        $fitted->address,
                        $expander->identity->name,
                        $expander->firstAddress,
                        $expander->firstAddress + $expander->addresses - 1,
                    ),
                    proposals: $remedies,
                );
            } elseif (null !== $first) {
                yield new Finding(
                    $this->facts(),
                    Severity::Broken,
                    $id,
                    sprintf(
                        '“%s” and “%s” both answer at 0x%02X.',
                        $inspection->board->nameOf($first),
                        $fitted->name,
                        $fitted->address,
                    ),
                    proposals: $remedies,
                );
            }
        }
    }

    /**
     * @return list<Remedy>
     */
    private static function remedies(Inspection $inspection, string $id, FittedExpander $fitted, Expander $expander): array
    {
        $remedies = [];
        $others = array_map(
            static fn(FittedExpander $other): int => $other->address,
            array_filter(
                $inspection->board->expanders,
                static fn(FittedExpander $other, string $otherId): bool => $otherId !== $id && $other->bus === $fitted->bus,
                ARRAY_FILTER_USE_BOTH,
            ),
        );
        foreach (array_diff(range($expander->firstAddress, $expander->firstAddress + $expander->addresses - 1), $others) as $free) {
            $remedies[] = new Remedy(sprintf('Set it to 0x%02X', $free), new SetExpander($id, $free, $fitted->rail, $fitted->heldOff));
            break;
        }
        foreach (Repairs::of($inspection)->partsOnOffer(Expander::class) as $other) {
            if (
                $other->kind === $expander->kind
                && $other->identity->id !== $expander->identity->id
                && $other->hasAddress($fitted->address)
                && count($other->pins) === count($expander->pins)
                && !in_array($fitted->address, $others, true)
            ) {
                $remedies[] = new Remedy('It is a ' . $other->identity->name, new ReplaceExpander($id, $other));
            }
        }

        return $remedies;
    }
}
