<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

use IronLatch\Core\Quantity\Spread;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\ListOf;
use IronLatch\Core\Record\MapOf;
use IronLatch\Core\Record\Measured;

/**
 * A protocol or service by which lines are operated from afar: what it can say, what it needs, and how lines are called there. One hop on
 * the way to the board, the last or one before it.
 */
#[Heading('Channels')]
final readonly class SurfaceProfile implements Part
{
    /**
     * @param list<Need> $needs nothing while it is empty
     * @param list<Operation> $operations that it can carry, the usual one first
     * @param int $capacity how many entries it takes; 0 for no limit
     * @param bool $lossy a message can be lost without either side noticing
     * @param string $address how the address is made: {root}, {line} (the name as it is legal here), {n} (the line’s number), {pin}
     * @param string $state where it tells its state, made the same way; empty when it tells none, or in its answer
     * @param string $on what is said to switch on; {address} is what was made above, {on} and {off} the level at the pin
     * @param string $off what is said to switch off
     * @param string $toggle what is said to flip
     * @param string $set what is said to set a percentage or a step; {value} is its number
     * @param bool $numbersPins it numbers its entries, and such a number can equal the print of a pin
     * @param string $entryKind what to create there, in its own words
     * @param ?PinNumbering $setsPins it writes levels to pins itself, past the program; null for what speaks to the program
     * @param array<string, string> $pinNumbers its own number by the name of the chip’s pin, where it has numbers of its own
     * @param bool $reachesBoard it can be the last hop before the board
     * @param bool $handsOn it can give a command to another hop
     * @param bool $byRules each command is a rule in it: when this is heard, do that
     * @param ?Spread $delaySeconds that it adds; null where nobody knows
     * @param ?float $lostShare share of its messages that never arrive
     * @param list<ShownKind> $kinds that it knows; empty where it makes no difference between them
     * @param bool $hasRooms a room is asked for there
     * @param list<string> $regions whose addresses differ; empty for one address everywhere
     * @param list<string> $lineSecrets what each line is given there and each copy fills in, such as DEVICE_ID
     * @param list<SetUpStep> $setUp in their order
     */
    public function __construct(
        public PartIdentity $identity,
        public Addressing $addressing,
        public Direction $direction,
        #[ListOf(Need::class)]
        public array $needs,
        #[ListOf(Operation::class)]
        public array $operations,
        public NamingRules $names,
        public string $address,
        public string $on,
        public string $off,
        public string $toggle = '',
        public string $set = '',
        public string $state = '',
        public int $capacity = 0,
        public bool $lossy = false,
        public bool $numbersPins = false,
        public string $entryKind = 'entry',
        public ?PinNumbering $setsPins = null,
        #[MapOf('string', '^[A-Za-z0-9_.]{1,20}$')]
        public array $pinNumbers = [],
        public bool $reachesBoard = true,
        public bool $handsOn = false,
        public bool $byRules = false,
        #[Measured(Unit::Second, least: 0.0, most: 600.0)]
        public ?Spread $delaySeconds = null,
        #[Measured(Unit::Ratio, least: 0.0, most: 1.0)]
        public ?float $lostShare = null,
        #[ListOf(ShownKind::class)]
        public array $kinds = [],
        public bool $hasRooms = false,
        #[ListOf('string')]
        public array $regions = [],
        #[ListOf('string')]
        public array $lineSecrets = [],
        public ?Announcement $announcement = null,
        public ?WebCall $call = null,
        public ?SpokenWords $also = null,
        #[ListOf(SetUpStep::class)]
        public array $setUp = [],
    ) {
        if ([] === $operations) {
            throw new \InvalidArgumentException(
                'A channel carries at least one kind of act: on and off, toggle, percentage, steps or while held.',
            );
        }
        if ($capacity < 0 || $capacity > 1000) {
            throw new \InvalidArgumentException('A channel takes up to 1000 entries; write 0 for no limit.');
        }
        foreach ($lineSecrets as $secret) {
            if (1 !== preg_match('/^[A-Z][A-Z0-9_]{0,39}$/', $secret)) {
                throw new \InvalidArgumentException(sprintf(
                    '“%s” cannot name what a copy fills in. Write it in capitals, such as DEVICE_ID.',
                    mb_substr($secret, 0, 40),
                ));
            }
        }
        if (!$reachesBoard && !$handsOn) {
            throw new \InvalidArgumentException('A channel reaches the board, or hands on to another that does: say at least one.');
        }
        if (Direction::Neither === $direction) {
            throw new \InvalidArgumentException('A channel carries commands, state or both.');
        }
        if ((PinNumbering::Own === $setsPins) !== ([] !== $pinNumbers)) {
            throw new \InvalidArgumentException(
                'A table of pin numbers belongs to a service that has numbers of its own, and to no other.',
            );
        }
    }

    public function identity(): PartIdentity
    {
        return $this->identity;
    }

    /** Whether anything of it lies outside the house, so that an account is needed for it. */
    public function wantsAccount(): bool
    {
        return in_array(Need::Account, $this->needs, true);
    }

    /**
     * What each copy fills in by itself, named in its steps and requests as {secret:NAME}.
     *
     * @return list<string> in capitals
     */
    public function secrets(): array
    {
        $texts = [$this->call->host ?? '', $this->call->body ?? '', ...$this->call->headers ?? []];
        foreach ($this->setUp as $step) {
            array_push($texts, $step->before, $step->does, $step->sees, $step->fails);
        }
        preg_match_all('/\{secret:([A-Z][A-Z0-9_]{0,39})\}/', implode("\n", $texts), $found);

        return array_values(array_unique($found[1]));
    }
}
