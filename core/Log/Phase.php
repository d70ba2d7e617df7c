<?php

declare(strict_types=1);

namespace IronLatch\Core\Log;

/** The order in which a copy is put into use: nobody works on live mains. */
enum Phase: string
{
    case Look = 'Look';
    case Continuity = 'Measure it without power';
    case Insulation = 'Earth and insulation, dead';
    case LowVoltage = 'Try it at low voltage';
    case Verify = 'Verify before mains';
    case Mains = 'Cover shut, then mains';
    case Load = 'An hour under load';

    /** What is said before its first step. */
    public function caution(): string
    {
        return match ($this) {
            self::Look, self::Continuity => 'Nothing is fed: no mains, no USB, no supply.',
            self::Insulation => 'The lead is unplugged, or the circuit is switched off, locked and proved dead. '
                . 'Cables to appliances are off.',
            self::LowVoltage => 'The mains module stays unfed: the rail comes from a supply that limits its current, or from USB. '
                . 'No mains is near the board.',
            self::Verify => 'Each of these keeps somebody alive. Whoever has looked stands for it by name.',
            self::Mains => 'Mains kills. Somebody who is competent, and by law where you live may do it, puts it to mains. '
                . 'The cover is shut and stays shut: nothing inside is touched or measured.',
            self::Load => 'The cover stays shut; the probe was laid inside before. '
                . 'A tingle, a smell, a warm cover: isolate, and do not switch on again.',
        };
    }

    /** Whether mains is on in it. */
    public function isLive(): bool
    {
        return self::Mains === $this || self::Load === $this;
    }
}
