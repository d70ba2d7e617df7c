<?php

declare(strict_types=1);

namespace IronLatch\Core\Exchange\Firmware;

/** A part of the program that a board uses or does not; a build that has all parts of another runs its board with other constants. */
enum ProgramPart: string
{
    case Contacts = 'buttons and switches';
    case Knobs = 'knobs';
    case Infrared = 'infrared keys';
    case Channels = 'commands from afar';
    case Rules = 'sensors and their rules';
    case Timers = 'timers';
    case Lamps = 'lamps';
    case Senses = 'inputs that hear an appliance';
    case Pulses = 'relays that are moved by pulses';
    case Expanders = 'expanders';

    /**
     * @return list<self> those that a board uses
     */
    public static function of(ProgramTables $tables, PinTables $pins): array
    {
        $numbers = [...$tables->numbers(), ...$pins->numbers];
        $counts = [
            self::Contacts->value => $numbers['CONTACT_COUNT'],
            self::Knobs->value => $numbers['SELECTOR_COUNT'],
            self::Infrared->value => $numbers['KEY_COUNT'],
            self::Channels->value => $numbers['CHANNEL_COUNT'],
            self::Rules->value => $numbers['RULE_COUNT'],
            self::Timers->value => $numbers['TIMER_COUNT'],
            self::Lamps->value => $numbers['LAMP_COUNT'],
            self::Senses->value => $numbers['SENSE_COUNT'],
            self::Pulses->value => $numbers['PULSED_PINS'],
            self::Expanders->value => $numbers['EXPANDER_COUNT'],
        ];

        return array_values(array_filter(self::cases(), static fn(self $one): bool => $counts[$one->value] > 0));
    }
}
