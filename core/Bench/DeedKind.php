<?php

declare(strict_types=1);

namespace IronLatch\Core\Bench;

/** What somebody does on the bench, or what befalls the board there. */
enum DeedKind: string
{
    /** A button, a key or a switch, for as long as is said. */
    case Press = 'press';
    /** A contact is closed, and stays so. */
    case Close = 'close';
    case Open = 'open';
    /** A knob, to a position counted from 0. */
    case Turn = 'turn';
    /** A line is put on or off from the bench itself, as by a hand beside it. */
    case Command = 'command';
    /** On a channel, in a word: on, off, toggle, or a number. */
    case Say = 'say';
    /** A sensor stands in a value; without one it says nothing any more. */
    case Sensor = 'sensor';
    case Outage = 'outage';
    case Back = 'back';
    case CutMains = 'cut mains';
    case MainsBack = 'mains back';
    /** The next message on a channel is lost. */
    case Lose = 'lose';
    /** A contact welds. */
    case Weld = 'weld';
    /** The program hangs. */
    case Hang = 'hang';
    /** The other switch of a two-way circuit is thrown. */
    case OtherSwitch = 'other switch';

    /** Whether it needs somebody or something that it is done to. */
    public function wantsSubject(): bool
    {
        return self::CutMains !== $this && self::MainsBack !== $this && self::Hang !== $this;
    }
}
