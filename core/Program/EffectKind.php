<?php

declare(strict_types=1);

namespace IronLatch\Core\Program;

/** What a program does to the world around it. */
enum EffectKind: string
{
    /** An output is set active or idle. */
    case Output = 'output';
    /** A lamp or a buzzer is lit or sounds. */
    case Lamp = 'lamp';
    /** Something is said on a channel. */
    case Tell = 'told';
    /** An attempt to reach the other end of a channel begins. */
    case Connect = 'connect';
    /** State is written into memory that outlives a power cut. */
    case Keep = 'kept';
    /** What was asked for is not done. */
    case Refuse = 'refused';
    /** What was asked for is done later: a rest, a dead time, or the others of its group come first. */
    case Wait = 'waits';
    /** What was heard means nothing to it. */
    case Ignore = 'ignored';
    /** A line is on though it is told to be off. */
    case Alarm = 'alarm';
}
