<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

/** What one act on a surface means for its line. */
enum Operation: string
{
    /** Says what shall be: a lost message leaves one side wrong until the next, and no longer. */
    case Explicit = 'on and off';
    /** Says that it shall be otherwise: a lost message leaves both sides wrong for good. */
    case Toggle = 'toggle';
    case Percent = 'percentage';
    case Steps = 'steps';
    /** On for as long as it is held. */
    case Push = 'while held';

    /** Takes it off and never puts it on: a probe that stops a pump, a timer at night. */
    case Off = 'off only';

    /** Puts it on and never takes it off: a second key does that. */
    case On = 'on only';
    case StepUp = 'one step up';
    case StepDown = 'one step down';
    /** Puts each line of a group into the state that the group says. */
    case Scene = 'scene';

    /** Whether it can put its line on. */
    public function canSwitchOn(): bool
    {
        return self::Off !== $this && self::StepDown !== $this;
    }

    /** Whether a lost act leaves both sides apart for good, because it says a change and not a state. */
    public function saysChange(): bool
    {
        return self::Toggle === $this || self::StepUp === $this || self::StepDown === $this;
    }

    /** Whether it goes from step to step of what it finds. */
    public function isStepwise(): bool
    {
        return self::StepUp === $this || self::StepDown === $this;
    }

    /** Whether it names a step of a motor. */
    public function isGraded(): bool
    {
        return self::Percent === $this || self::Steps === $this;
    }
}
