<?php

declare(strict_types=1);

namespace IronLatch\Core\Wiring\Sheet;

/** What is drawn of one net: straight pieces, up and down or across, and a dot wherever more than two meet. */
final readonly class Run
{
    /**
     * @param string $net id
     * @param list<array{float, float, float, float}> $pieces x and y of both ends
     * @param list<array{float, float}> $dots
     */
    public function __construct(public string $net, public array $pieces, public array $dots) {}

    /** How often it crosses another run. */
    public function crossings(self $other): int
    {
        $crossings = 0;
        foreach ($this->pieces as $one) {
            foreach ($other->pieces as $two) {
                $crossings += self::cross($one, $two) || self::cross($two, $one) ? 1 : 0;
            }
        }

        return $crossings;
    }

    /**
     * @param array{float, float, float, float} $across
     * @param array{float, float, float, float} $upright
     */
    private static function cross(array $across, array $upright): bool
    {
        return $across[1] === $across[3] && $upright[0] === $upright[2]
            && min($across[0], $across[2]) < $upright[0] && $upright[0] < max($across[0], $across[2])
            && min($upright[1], $upright[3]) < $across[1] && $across[1] < max($upright[1], $upright[3]);
    }
}
