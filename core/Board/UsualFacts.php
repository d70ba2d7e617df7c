<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Record\Fact;

/** What is assumed of a fact while nobody has said it. */
final class UsualFacts
{
    /**
     * In one piece: a table from place to what is usual there.
     *
     * @param object $record of that board, which holds the fact
     * @return ?Fact<bool|int|float|\BackedEnum> null where nothing is assumed and the field may stay empty
     */
    public static function of(Board $board, object $record, string $field): ?Fact
    {
        return match (true) {
            $record instanceof Board => NewBoard::ambient(),
            $record instanceof ProgramFacts && 'radioUsed' === $field => NewBoard::radioOf($board->controller()->chip),
            $record instanceof ProgramFacts && 'outputOrder' === $field => NewBoard::outputOrder(),
            $record instanceof Line && 'watts' === $field => self::watts($board->appliance($record)),
            $record instanceof Line && 'conductor' === $field => self::conductor($board->appliance($record)),
            $record instanceof Actuator && 'activeLevel' === $field => Actuator::levelOf($record->driver),
            $record instanceof Actuator && 'clamp' === $field => Actuator::clampOf($record->driver),
            $record instanceof PinFunction && 'cableMetres' === $field => PinFunction::usualCable($record->kind),
            default => null,
        };
    }

    /**
     * @return Fact<float>
     */
    public static function watts(Appliance $appliance): Fact
    {
        return Fact::assumed($appliance->typicalWatts, 'typical for ' . $appliance->identity->name);
    }

    /**
     * @return Fact<SwitchedConductor> which one, of mains, only the maker knows
     */
    public static function conductor(Appliance $appliance): Fact
    {
        return null === $appliance->dcVolts
            ? Fact::unknown()
            : Fact::assumed(SwitchedConductor::DcPositive, 'a DC appliance is switched in its positive lead');
    }
}
