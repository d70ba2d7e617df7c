<?php

declare(strict_types=1);

namespace IronLatch\Core\Program;

use IronLatch\Core\Catalogue\Operation;

/** What an act asks of a line, once the program has understood it. */
enum Wish: string
{
    case On = 'on';
    case Off = 'off';
    case Toggle = 'the other way';
    case Up = 'one step up';
    case Down = 'one step down';
    /** One step on; from the last one off. */
    case Next = 'the next step';
    /** A step by its number, 0 for off. */
    case Step = 'a step';
    /** A percentage, 0 to 100. */
    case Percent = 'a percentage';
    /** The state that a scene says. */
    case Scene = 'scene';

    /** What a press of a button, or a key, with such an operation asks for. */
    public static function pressed(Operation $operation): self
    {
        return match ($operation) {
            Operation::Off => self::Off,
            Operation::On, Operation::Push, Operation::Explicit => self::On,
            Operation::Toggle, Operation::Percent => self::Toggle,
            Operation::Steps => self::Next,
            Operation::StepUp => self::Up,
            Operation::StepDown => self::Down,
            Operation::Scene => self::Scene,
        };
    }
}
