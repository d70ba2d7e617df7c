<?php

declare(strict_types=1);

namespace IronLatch\Core\Bench;

/** Kinds of things that happen on the bench. */
enum Happens: string
{
    case Hand = 'hand';
    case Contact = 'contact';
    case Frame = 'infrared frame';
    case Sent = 'sent';
    case Lost = 'lost';
    case Arrives = 'arrives';
    case Outage = 'outage';
    case Link = 'link';
    case Mains = 'mains';
    case Rail = 'rail';
    case Phase = 'starts up';
    case Runs = 'program runs';
    case Stuck = 'does not start';
    case Reset = 'reset';
    case Waits = 'waits';
    case Pin = 'pin';
    case Coil = 'coil';
    case Relay = 'relay';
    case Stays = 'relay does not move';
    case Appliance = 'appliance';
    case Lamp = 'lamp';
    case Sensor = 'sensor';
    case Told = 'told';
    case Shown = 'shown';
    case Kept = 'kept';
    case Refused = 'refused';
    case Ignored = 'ignored';
    case Alarm = 'alarm';
    case Planted = 'planted fault';
    /** Something that hurts a part, an appliance or somebody. */
    case Harm = 'harm';
}
