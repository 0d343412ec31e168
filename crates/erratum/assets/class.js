// Sorts a table by the column whose heading is pressed, and hides the rows that lack what is looked for.
for (const button of document.querySelectorAll("th button")) {
  button.addEventListener("click", () => {
    const heading = button.parentElement;
    const table = heading.closest("table");
    const column = [...heading.parentElement.children].indexOf(heading);
    const up = heading.getAttribute("aria-sort") !== "ascending";
    for (const other of table.querySelectorAll("th")) other.removeAttribute("aria-sort");
    heading.setAttribute("aria-sort", up ? "ascending" : "descending");
    const value = (row) => row.children[column].textContent.trim();
    const compare = (a, b) => value(a).localeCompare(value(b), undefined, { numeric: true });
    const rows = [...table.tBodies[0].rows].sort((a, b) => (up ? compare(a, b) : compare(b, a)));
    table.tBodies[0].append(...rows);
  });
}
const wanted = document.querySelector("input[type=search]");
wanted.addEventListener("input", () => {
  const text = wanted.value.toLowerCase();
  for (const row of document.querySelectorAll("tbody tr")) {
    row.hidden = !row.textContent.toLowerCase().includes(text);
  }
});
