<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

/** What a hop needs to work. */
enum Need: string
{
    /** The house’s own wireless network. */
    case Radio = 'radio';
    case Internet = 'internet';
    /** Somebody else’s machines. */
    case Service = 'service';
    /** An account there, which can expire or cost more. */
    case Account = 'account';
    /** A machine in the house that can be switched off. */
    case Machine = 'machine in the house';
    /** A radio of its own between two serial ends, apart from the network. */
    case Link = 'radio link of its own';
    /** Something between two radios that passes on what it hears. */
    case Repeater = 'repeater';

    /** Whether it is gone when something else is: the internet is reached by the house’s network, a service by the internet. */
    public function isGoneWith(self $lost): bool
    {
        return match ($lost) {
            self::Radio => in_array($this, [self::Radio, self::Internet, self::Service, self::Account], true),
            self::Internet => in_array($this, [self::Internet, self::Service, self::Account], true),
            default => $this === $lost,
        };
    }

    /** Whether each hop has one of its own, which is gone by itself, or all of the house share it. */
    public function isOfOneHop(): bool
    {
        return self::Radio !== $this && self::Internet !== $this;
    }

    /** How it fails, of the hop that is named. */
    public function goneWords(): string
    {
        return match ($this) {
            self::Radio => 'the wireless network is gone',
            self::Internet => 'the internet is gone',
            self::Service => 'the service “%s” is gone',
            self::Account => 'the account of “%s” has expired or must be paid',
            self::Machine => 'the machine of “%s” is off',
            self::Link => 'the radio link “%s” is gone',
            self::Repeater => 'the repeater of “%s” is off',
        };
    }
}
