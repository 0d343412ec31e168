module Main where

import qualified Data.Map.Strict as Map

type Stock = Map.Map String Int

add :: String -> Int -> Stock -> Stock
add good n = Map.insertWith (+) good n

take' :: String -> Int -> Stock -> Maybe Stock
take' good n stock = do
  have <- Map.lookup good ⟪⟶stock⟫
  if have < n
    then Nothing
    ⟪⟶else ⟫Just (Map.insert good (have - n) stock)

report :: Stock -> [String]
report stock = [good ++ ": " ++ show n | (good, n) <- Map.⟪tolist⟶toList⟫ stock]

main :: IO ()
main = do
  let stock = add "rope" 12 (add "salt" 40 Map.empty⟪⟶)⟫
  mapM_ putStrLn (report stock)
  case take' "rope" ⟪'5'⟶5⟫ stock of
    Just left -> mapM_ putStrLn (report left)
    Nothing -> putStrLn "not enough"
  print (sum (Map.elems ⟪stocks⟶stock⟫))
