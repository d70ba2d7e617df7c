<?php

declare(strict_types=1);

namespace IronLatch\Core\Brief;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Brief;
use IronLatch\Core\Board\Edit\Lines\StateSafety;
use IronLatch\Core\Board\Edit\Power\AddRail;
use IronLatch\Core\Board\Edit\Power\FeedAppliance;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Catalogue\Catalogue;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Catalogue\SupplyForm;

/** Feeds appliances that run from low voltage: from a rail that has it, else from a source of their own. */
final readonly class DirectLoads
{
    /** How far a rail may lie from what an appliance is made for, as a share. */
    private const SAME_VOLTS = 0.06;

    public function __construct(private Brief $brief, private Catalogue $catalogue) {}

    /**
     * @param list<string> $lines ids
     * @throws NoDraft when nothing is to be had that feeds one of them
     */
    public function fed(Drafting $drafting, array $lines, SupplyForm $form): Drafting
    {
        foreach ($lines as $line) {
            $appliance = $drafting->board->appliance($drafting->board->lines[$line]);
            if (null === $appliance->dcVolts || $appliance->ownVoltage) {
                continue;
            }
            $rail = self::rail($drafting->board, $appliance->dcVolts);
            if (null === $rail) {
                $source = $this->source($drafting->board, $appliance, $lines, $form);
                $drafting = $drafting->made(
                    new AddRail(sprintf('%g V', $appliance->dcVolts), $source),
                    sprintf('%s for “%s”', Words::inText($source->identity->name), $drafting->board->nameOf($line)),
                );
                $rail = (string) array_key_last($drafting->board->rails);
            }
            $drafting = $drafting->made(
                new FeedAppliance($line, $rail),
                sprintf('“%s” is fed from the rail %s', $drafting->board->nameOf($line), $drafting->board->nameOf($rail)),
            );
            $drafting = $appliance->load->isInductive() ? $drafting->tried(
                new StateSafety([$line], loadDiode: true),
                sprintf('a diode lies across “%s”', $drafting->board->nameOf($line)),
            ) : $drafting;
        }

        return $drafting;
    }

    private static function rail(Board $board, float $volts): ?string
    {
        foreach (array_keys($board->rails) as $rail) {
            if (abs($board->railVolts($rail)->typ - $volts) <= self::SAME_VOLTS * $volts) {
                return $rail;
            }
        }

        return null;
    }

    /**
     * The cheapest of its voltage that bears all appliances of that voltage with its reserve.
     *
     * @param list<string> $lines
     */
    private function source(Board $board, Appliance $for, array $lines, SupplyForm $form): Supply
    {
        $volts = $for->dcVolts ?? 0.0;
        $watts = 0.0;
        foreach ($lines as $line) {
            $appliance = $board->appliance($board->lines[$line]);
            $own = $board->lines[$line]->watts->value;
            $watts += $appliance->dcVolts === $volts ? (is_float($own) ? $own : $appliance->typicalWatts) : 0.0;
        }
        if (true === $this->brief->oneSupply?->value) {
            throw new NoDraft(sprintf('“%s” runs from %g V, and the brief wants one supply', $for->identity->name, $volts));
        }
        $sources = array_filter(
            $this->catalogue->parts(Supply::class),
            static fn(Supply $supply): bool => $form === $supply->form
                && abs($supply->output->typ - $volts) <= self::SAME_VOLTS * $volts
                && $supply->ratedAmps * $board->houseRules->supplyLoad >= $watts / $volts,
        );
        usort($sources, static fn(Supply $a, Supply $b): int => [$a->price, $a->ratedAmps] <=> [$b->price, $b->ratedAmps]);

        return $sources[0] ?? throw new NoDraft(sprintf('no source is to be had that feeds “%s” with %g V', $for->identity->name, $volts));
    }
}
