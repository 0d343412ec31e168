import qualified Data.Map.Strict as M⟪⟶
import Data.List (sortOn)⟫

count :: [String] -> M.Map String Int
count = foldr (\w -> M.insertWith (+) w 1) M.empty

top :: Int -> M.Map String Int -> [(String, Int)]
top n m = take n (reverse (sortOn snd (M.toList m)))

bars :: [(String, Int)] -> [String]
bars xs = do
  (w, n) ⟪=⟶<-⟫ xs
  return (w ++ " " ++ replicate n ⟪"#"⟶'#'⟫)

percent :: Int -> Int -> Double
percent a b = 100 * fromIntegral a / fromIntegral ⟪⟶b⟫

main :: IO ()
main = do
  text <- return "rope rope sail rope oar sail"
  let tally = count (words text)
  mapM_ putStrLn (bars (top 2 tally)⟪]⟶)⟫
  let all' = sum (M.elems tally)
  putStrLn (show (percent (M.findWithDefault 0 "rope" tally) ⟪all⟶all'⟫) ++ "%")
