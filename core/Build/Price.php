<?php

declare(strict_types=1);

namespace IronLatch\Core\Build;

/** What one of a part costs, and who says so. */
final readonly class Price
{
    public const SHIPPED_ON = '2026-11';

    /**
     * @param string $date of the price, as its source writes it; empty while nobody has said
     * @param bool $isIndicative shipped with the catalogue, to be replaced by what you pay
     */
    public function __construct(public float $euros, public string $source, public string $date, public bool $isIndicative = true) {}

    public static function shipped(float $euros): self
    {
        return new self($euros, 'indicative, from memory', self::SHIPPED_ON);
    }
}
