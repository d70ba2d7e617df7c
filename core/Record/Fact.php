<?php

declare(strict_types=1);

namespace IronLatch\Core\Record;

/**
 * Something a board may or may not say: stated by the maker, assumed with a reason, a target that nobody has measured yet, or unknown.
 *
 * @template-covariant T of bool|int|float|\BackedEnum
 */
final readonly class Fact
{
    /**
     * @param T|null $value null when unknown
     * @param string $because why it is assumed; empty when stated or unknown
     */
    private function __construct(public Knowledge $knowledge, public bool|int|float|\BackedEnum|null $value, public string $because) {}

    /**
     * @template V of bool|int|float|\BackedEnum
     * @param V $value
     * @return self<V>
     */
    public static function stated(bool|int|float|\BackedEnum $value): self
    {
        return new self(Knowledge::Stated, $value, '');
    }

    /**
     * @template V of bool|int|float|\BackedEnum
     * @param V $value
     * @return self<V>
     */
    public static function assumed(bool|int|float|\BackedEnum $value, string $because): self
    {
        return new self(Knowledge::Assumed, $value, $because);
    }

    /**
     * @template V of bool|int|float|\BackedEnum
     * @param V $value
     * @return self<V>
     */
    public static function target(bool|int|float|\BackedEnum $value): self
    {
        return new self(Knowledge::Target, $value, '');
    }

    /**
     * @return self<never>
     */
    public static function unknown(): self
    {
        /** @var self<never> $unknown */
        $unknown = new self(Knowledge::Unknown, null, '');

        return $unknown;
    }

    public function isKnown(): bool
    {
        return Knowledge::Unknown !== $this->knowledge;
    }

    public function isStated(): bool
    {
        return Knowledge::Stated === $this->knowledge;
    }

    public function isTarget(): bool
    {
        return Knowledge::Target === $this->knowledge;
    }
}
