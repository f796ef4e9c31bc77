<?php

namespace InkyCard\Card\Kind;

final class PaymentKind extends AbstractCallKind
{
    public function __construct()
    {
        parent::__construct(
            'payment', 'Payment', 'credit-card', 'Where to pay an invoice or a deposit.', 'link', 'Pay an invoice',
            'quillfern.example/pay',
        );
    }
}
