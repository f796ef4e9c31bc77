// Milliseconds to compile a layout equal to the demo's card with mjml, after warming up. Usage: node mjml.mjs ROUNDS
import mjml from 'mjml';

const src = 'https://cards.quillfern.example/p/0.png';
const line = (text, attributes = '') => `<mj-text padding="2px 0 0" line-height="18px" ${attributes}>${text}</mj-text>`;
const source = `<mjml><mj-body width="600px"><mj-section padding="0"><mj-column>${line('Warmly,')}</mj-column></mj-section><mj-section padding="14px 0 0"><mj-column width="25%">
<mj-image src="${src}" width="112px" alt="Portrait of Maren Oakhollow" padding="0"/></mj-column>
<mj-column width="75%" border-left="3px solid #2c5c3e" padding="0 0 0 16px">
${line('Maren Oakhollow', 'font-size="18px" font-weight="bold" color="#2c5c3e"')}${line('Principal garden designer')}${line('Quillfern Garden Studio', 'color="#5d6a62"')}
${line('<a href="tel:+441632960147">+44 1632 960147</a>')}${line('<a href="mailto:maren@quillfern.example">maren@quillfern.example</a>')}
${line('<a href="https://quillfern.example/visits">quillfern.example/visits</a>')}${line('Registered garden designer GD-20417', 'font-size="11px"')}
</mj-column></mj-section><mj-section padding="14px 0 0"><mj-column width="40%"><mj-social mode="horizontal" padding="0">
${['a', 'b', 'c', 'd'].map((name) => `<mj-social-element src="${src}" href="https://quillfern.example/${name}" icon-size="32px"></mj-social-element>`).join('')}
</mj-social></mj-column><mj-column width="60%"><mj-button href="https://quillfern.example/visits" background-color="#b4502c">Book a garden visit</mj-button></mj-column></mj-section><mj-section padding="12px 0 0"><mj-column><mj-image src="${src}" href="https://quillfern.example/spring" width="480px" alt="Spring planting plans" padding="0"/></mj-column></mj-section></mj-body></mjml>`;

const rounds = Number(process.argv[2] ?? 50);
for (let round = 0; round < 10; round++) mjml(source);
const start = performance.now();
for (let round = 0; round < rounds; round++) mjml(source);
console.log((performance.now() - start) / rounds);
