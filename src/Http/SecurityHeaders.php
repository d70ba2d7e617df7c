<?php

declare(strict_types=1);

namespace IronLatch\Http;

use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\ResponseEvent;

/** Nothing from elsewhere, nothing inline. */
#[AsEventListener]
final readonly class SecurityHeaders
{
    private const POLICY = "default-src 'none'; script-src 'self'; style-src 'self'; img-src 'self' data:; font-src 'self'; connect-src "
        . "'self'; frame-src 'self'; form-action 'self'; base-uri 'none'; frame-ancestors 'none'";

    public function __construct(
        #[Autowire('%kernel.debug%')]
        private bool $debug,
        #[Autowire('%kernel.project_dir%')]
        private string $root,
    ) {}

    public function __invoke(ResponseEvent $event): void
    {
        $headers = $event->getResponse()->headers;
        // The error page of the debug mode has styles of its own.
        // A page that has a stricter one of its own keeps it.
        if (!$headers->has('Content-Security-Policy') && (!$this->debug || $event->getResponse()->getStatusCode() < 500)) {
            $headers->set('Content-Security-Policy', self::POLICY);
        }
        /** @var array<string, string> $all */
        $all = require $this->root . '/config/headers.php';
        foreach ($all as $name => $value) {
            $headers->set($name, $value);
        }
    }
}
