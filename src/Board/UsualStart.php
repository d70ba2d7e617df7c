<?php

declare(strict_types=1);

namespace IronLatch\Board;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\NewBoard;
use IronLatch\Core\Catalogue\Carrier;
use IronLatch\Core\Catalogue\Catalogue;
use IronLatch\Core\Catalogue\Chip;
use IronLatch\Core\Catalogue\MainsSystem;
use IronLatch\Core\Catalogue\Part;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Catalogue\Transistor;

/** An empty board of the parts that are named, and the usual ones where none is. */
final readonly class UsualStart
{
    public const CARRIER = 'esp32-carrier-38';
    private const MAINS = 'mains-230';
    private const SUPPLY = 'module-5v-10w';
    private const RELAY = 'reinforced-5v';
    private const TRANSISTOR = 'npn-2n2222';

    public function __construct(private Catalogue $catalogue) {}

    /**
     * @param string $carrier ids of the catalogue; empty for the usual one
     * @throws \InvalidArgumentException when the name is no text, or the catalogue has no such part
     */
    public function board(string $name, string $carrier = '', string $mains = '', string $supply = '', string $relay = ''): Board
    {
        if (!mb_check_encoding($name, 'UTF-8')) {
            throw new \InvalidArgumentException('The name is not encoded as UTF-8. Type it anew.');
        }
        $on = $this->part($carrier, self::CARRIER, Carrier::class);

        return NewBoard::with(
            $name,
            $on,
            $this->part($on->chip, '', Chip::class),
            $this->part($mains, self::MAINS, MainsSystem::class),
            $this->part($supply, self::SUPPLY, Supply::class),
            $this->part($relay, self::RELAY, Relay::class),
            $this->part('', self::TRANSISTOR, Transistor::class),
        );
    }

    /**
     * @template T of Part
     * @param class-string<T> $class
     * @return T
     */
    private function part(string $id, string $usual, string $class): Part
    {
        $id = '' === $id ? $usual : $id;
        $part = $this->catalogue->part($id);

        return $part instanceof $class ? $part : throw new \InvalidArgumentException(sprintf(
            'The catalogue has no “%s” to start a board with. Choose each part of the new board from its list.',
            mb_substr($id, 0, 60),
        ));
    }
}
