<?php

declare(strict_types=1);

namespace IronLatch;

use IronLatch\Http\Door;
use Symfony\Bundle\FrameworkBundle\Kernel\MicroKernelTrait;
use Symfony\Component\DependencyInjection\ContainerBuilder;
use Symfony\Component\Dotenv\Dotenv;
use Symfony\Component\ErrorHandler\Debug;
use Symfony\Component\HttpKernel\Kernel as BaseKernel;

final class Kernel extends BaseKernel
{
    use MicroKernelTrait;

    /** What the environment may say. */
    private const SAID = ['APP_ENV', 'APP_DEBUG', 'APP_SECRET', 'DATABASE_URL', Door::PHONE, Door::SHOWN, Door::CERTIFICATE];

    /** One way to start for page, console and tests. */
    public static function fromEnvironment(?string $env = null, ?bool $debug = null): self
    {
        // PHP's own server keeps the environment out of $_SERVER, where Dotenv looks for it.
        foreach (self::SAID as $name) {
            $value = getenv($name);
            if (false !== $value) {
                $_SERVER[$name] = $_ENV[$name] = $value;
            }
        }
        if (null !== $env) {
            $_SERVER['APP_ENV'] = $_ENV['APP_ENV'] = $env;
        }
        (new Dotenv())->bootEnv(dirname(__DIR__) . '/.env');
        $env = is_string($_SERVER['APP_ENV'] ?? null) ? $_SERVER['APP_ENV'] : 'prod';
        $debug ??= 'dev' === $env;
        if ($debug) {
            Debug::enable();
        }

        return new self($env, $debug);
    }

    /** A mark of its own for each build: what was kept by another one is not read. */
    protected function build(ContainerBuilder $container): void
    {
        $container->setParameter('build', bin2hex(random_bytes(8)));
    }
}
