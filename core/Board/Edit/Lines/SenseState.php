<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Lines;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Board\Ids;
use IronLatch\Core\Board\PinFunction;
use IronLatch\Core\Board\StateSense;
use IronLatch\Core\Catalogue\OptoCoupler;
use IronLatch\Core\Quantity\PreferredValues;
use IronLatch\Core\Record\Copy;

/** Lets a line hear behind its contact whether the appliance is on: by voltage through a coupler, or by current through a transformer. */
final readonly class SenseState implements Edit
{
    /** So much flows through the LED at nominal voltage. */
    private const LED_AMPERES = 2.5e-3;
    private const NEARLY = 1.05;

    /**
     * @param ?OptoCoupler $coupler null for a current transformer
     */
    public function __construct(public string $line, public ?OptoCoupler $coupler = null) {}

    public function apply(Board $board): Board
    {
        $line = Targets::line($board, $this->line);
        if (null !== $line->sense) {
            throw new EditRefused(sprintf('“%s” hears its state already. Take that away first.', $line->name));
        }
        if (null !== $board->appliance($line)->dcVolts || $board->system()->isDirect()) {
            throw new EditRefused(sprintf(
                '“%s” does not run from the mains: read its rail by a divider at an analogue pin instead.',
                $line->name,
            ));
        }
        $ids = new Ids($board);
        $function = $ids->next('F');
        $kind = null === $this->coupler ? FunctionKind::CurrentSense : FunctionKind::StateSense;
        $sense = null === $this->coupler
            ? new StateSense($function)
            : new StateSense($function, $this->coupler->identity->id, 2 * self::each($board->system()->volts));
        $with = null === $this->coupler ? $board : $board->withPart($this->coupler);

        return $with->with(
            lines: [...$with->lines, $this->line => Copy::of($line, ['sense' => $sense])],
            functions: [...$with->functions, $function => PinFunction::of($kind, $line->name . ' state')],
            lastIds: $ids->last(),
        );
    }

    public function summary(Board $board): string
    {
        return sprintf(
            'Hear the state of “%s” by %s',
            $board->nameOf($this->line),
            null === $this->coupler ? 'a current transformer' : $this->coupler->identity->name,
        );
    }

    /** Two resistors of E12, each the greatest that lets nearly as much flow. */
    private static function each(float $volts): float
    {
        $most = self::NEARLY * $volts / self::LED_AMPERES / 2;

        return PreferredValues::e12Between($most / 2, $most)[0] ?? $most;
    }
}
