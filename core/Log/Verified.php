<?php

declare(strict_types=1);

namespace IronLatch\Core\Log;

/** A promise that somebody has found kept on one copy; it belongs to that copy alone. */
final readonly class Verified
{
    /**
     * @param string $point key of the hold point
     * @param string $words what was found true
     * @param string $by the name of whoever has looked
     */
    public function __construct(public string $point, public string $words, public string $by, public string $at = '')
    {
        if (mb_strlen(trim($by)) < 2) {
            throw new \InvalidArgumentException('Say by name who has verified it: it stands for somebody’s eyes.');
        }
        Day::checked($at, 'it was verified');
    }

    /** Who had verified it, once it has to be verified again. */
    public function before(): string
    {
        return sprintf('verified before by %s%s', $this->by, '' === $this->at ? '' : ' on ' . $this->at);
    }
}
