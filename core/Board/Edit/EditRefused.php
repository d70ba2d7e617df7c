<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit;

/** An edit that cannot be made on this board; the message says what to do instead. */
final class EditRefused extends \DomainException
{
    /**
     * @param string $field the value of the edit that is refused; empty where it is the edit as a whole
     */
    public function __construct(string $message, public readonly string $field = '', ?\Throwable $previous = null)
    {
        parent::__construct($message, previous: $previous);
    }
}
