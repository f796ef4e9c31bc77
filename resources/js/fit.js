// Before anything of it is painted: on a small screen the window is shown smaller. The ruler goes on from there.
(() => {
  const paper = document.querySelector('.paper');
  const room = paper.parentElement.clientWidth - 28;
  const needed = 628;
  document.querySelector('.stage').classList.toggle('stage-small', needed > room);
  paper.style.zoom = needed > room ? room / needed : '';
})();
