<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

/** What a pin can be used for. */
enum Ability: string
{
    case Input = 'input';
    case Output = 'output';
    case PullUp = 'pull-up';
    case PullDown = 'pull-down';
    case Interrupt = 'interrupt';
    case Pwm = 'pwm';
    /** Analogue input that can be read at any time. */
    case Analogue = 'analogue';
    /** Analogue input of a converter that the radio takes for itself. */
    case AnalogueWithoutRadio = 'analogue-without-radio';
    case AnalogueOut = 'analogue-out';
}
